package zephyrdune.units.geometry;

import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/** Maps one plane to another so that straight lines stay straight: as a camera sees a plane, or one picture of it lies on another. */
public final class Homography {

    /** How many points tell it. */
    public static final int POINTS = 4;

    /** Less than this area between two sides is a straight line. */
    private static final double LEAST_TURN = 1e-7;

    private final double[] h;

    private Homography(double[] h) {
        this.h = h;
    }

    /** That which maps four points to four others; none where three of either lie in a line. */
    public static Optional<Homography> of(Vector2D[] from, Vector2D[] to) {
        RealMatrix equations = new Array2DRowRealMatrix(2 * POINTS, 2 * POINTS);
        RealVector sides = new ArrayRealVector(2 * POINTS);
        for (int i = 0; i < POINTS; i++) {
            double x = from[i].getX();
            double y = from[i].getY();
            double u = to[i].getX();
            double v = to[i].getY();
            equations.setRow(2 * i, new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y});
            equations.setRow(2 * i + 1, new double[] {0, 0, 0, x, y, 1, -v * x, -v * y});
            sides.setEntry(2 * i, u);
            sides.setEntry(2 * i + 1, v);
        }
        try {
            return Optional.of(new Homography(
                    new LUDecomposition(equations).getSolver().solve(sides).toArray()));
        } catch (MathRuntimeException singular) {
            return Optional.empty();
        }
    }

    public Vector2D apply(double x, double y) {
        double scale = h[6] * x + h[7] * y + 1;
        return Vector2D.of((h[0] * x + h[1] * y + h[2]) / scale, (h[3] * x + h[4] * y + h[5]) / scale);
    }

    /** A column of its matrix, whose last entry is 1. */
    public Vector3D column(int column) {
        return Vector3D.of(h[column], h[3 + column], column == 2 ? 1 : h[6 + column]);
    }

    /** Which way round four points lie, 1 or -1; none where they do not lie round a shape without a dent. */
    public static OptionalInt turn(Vector2D[] points) {
        double turned = 0;
        for (int i = 0; i < POINTS; i++) {
            Vector2D a = points[i];
            Vector2D b = points[(i + 1) % POINTS];
            Vector2D c = points[(i + 2) % POINTS];
            double turn = b.subtract(a).signedArea(c.subtract(b));
            if (Math.abs(turn) < LEAST_TURN || turn * turned < 0) {
                return OptionalInt.empty();
            }
            turned = turn;
        }
        return OptionalInt.of(turned > 0 ? 1 : -1);
    }
}
