package zephyrdune.answers.photograph;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import zephyrdune.units.measure.Refused;

/**
 * How a rectangle of known sides lies, from the homography that maps it to its four corners in the picture.
 *
 * <p>Its sides are at right angles and of known lengths: two equations for the focal length where nobody knows it (Z. Zhang, A flexible new
 * technique for camera calibration, IEEE PAMI 22, 2000, equations 3 and 4).
 */
final class RectanglePose {

    /** Longest and shortest focal lengths that are believed, picture widths. */
    private static final double SHORTEST = 0.3;

    private static final double LONGEST = 20;

    private RectanglePose() {}

    /** The camera that sees a rectangle so. */
    static Pinhole camera(FlatRectangle rectangle, double height) {
        requireRound(rectangle.corners(), height);
        RealMatrix map = homography(rectangle, height);
        return new Pinhole(focal(column(map, 0), column(map, 1)), height);
    }

    static TableView view(FlatRectangle rectangle, Pinhole camera) {
        requireRound(rectangle.corners(), camera.height());
        RealMatrix map = homography(rectangle, camera.height());
        Vector3D first = column(map, 0);
        Vector3D second = column(map, 1);
        Vector3D one = inSpace(first, camera);
        Vector3D other = inSpace(second, camera);
        double scale = Math.sqrt(one.norm() * other.norm());
        Vector3D corner = inSpace(column(map, 2), camera);
        Vector3D middle = corner.add(one.multiply(rectangle.first() / 2))
                .add(other.multiply(rectangle.second() / 2))
                .multiply(1 / scale);
        Vector3D normal = one.cross(other).normalize();
        Vector3D before = middle.getZ() > 0 ? middle : middle.negate();
        return new TableView(camera, normal.dot(before) < 0 ? normal : normal.negate(), before);
    }

    /** From the rectangle's plane in metres to the picture in picture widths. */
    private static RealMatrix homography(FlatRectangle rectangle, double height) {
        double[][] plane = {
            {0, 0}, {rectangle.first(), 0}, {rectangle.first(), rectangle.second()}, {0, rectangle.second()}
        };
        RealMatrix equations = new Array2DRowRealMatrix(8, 8);
        RealVector sides = new ArrayRealVector(8);
        for (int i = 0; i < 4; i++) {
            double x = plane[i][0];
            double y = plane[i][1];
            double u = rectangle.corners().get(i).across() - 0.5;
            double v = (0.5 - rectangle.corners().get(i).down()) * height;
            equations.setRow(2 * i, new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y});
            equations.setRow(2 * i + 1, new double[] {0, 0, 0, x, y, 1, -v * x, -v * y});
            sides.setEntry(2 * i, u);
            sides.setEntry(2 * i + 1, v);
        }
        try {
            double[] h = new LUDecomposition(equations).getSolver().solve(sides).toArray();
            return new Array2DRowRealMatrix(new double[][] {{h[0], h[1], h[2]}, {h[3], h[4], h[5]}, {h[6], h[7], 1}});
        } catch (MathRuntimeException singular) {
            throw crossed();
        }
    }

    private static double focal(Vector3D first, Vector3D second) {
        double square = first.getX() * second.getX() + first.getY() * second.getY();
        double squareRest = first.getZ() * second.getZ();
        double equal = first.getX() * first.getX()
                + first.getY() * first.getY()
                - second.getX() * second.getX()
                - second.getY() * second.getY();
        double equalRest = first.getZ() * first.getZ() - second.getZ() * second.getZ();
        // square / f^2 + squareRest = 0 and equal / f^2 + equalRest = 0, by least squares
        double inverse = -(square * squareRest + equal * equalRest) / (square * square + equal * equal);
        double focal = Math.sqrt(1 / inverse);
        if (!(focal > SHORTEST && focal < LONGEST)) {
            throw new Refused(
                    "lens",
                    "From this angle the rectangle does not tell the lens; say which lens the photograph was taken with");
        }
        return focal;
    }

    private static Vector3D column(RealMatrix map, int column) {
        return Vector3D.of(map.getColumn(column));
    }

    private static Vector3D inSpace(Vector3D column, Pinhole camera) {
        return Vector3D.of(column.getX() / camera.focal(), column.getY() / camera.focal(), column.getZ());
    }

    /** Corners one after the other, round a shape without a dent. */
    private static void requireRound(List<Mark> corners, double height) {
        double turned = 0;
        for (int i = 0; i < 4; i++) {
            Mark a = corners.get(i);
            Mark b = corners.get((i + 1) % 4);
            Mark c = corners.get((i + 2) % 4);
            double turn = ((b.across() - a.across()) * (c.down() - b.down())
                            - (b.down() - a.down()) * (c.across() - b.across()))
                    * height;
            if (Math.abs(turn) < 1e-7 || turn * turned < 0) {
                throw crossed();
            }
            turned = turn;
        }
    }

    private static Refused crossed() {
        return new Refused(
                "plane.corners",
                "These are not the corners of a rectangle one after the other; put each mark on its corner");
    }
}
