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

    /** A place for which the third form is less than this lies behind, or is seen edge-on. */
    private static final double LEAST_SCALE = 1e-12;

    // forms of (1, x, y): the first two over the third are where a place comes
    private final double[] u;
    private final double[] v;
    private final double[] scale;

    /** By three forms of (1, x, y), of which the first two over the third are where a place comes. */
    public Homography(double[] u, double[] v, double[] scale) {
        this.u = u;
        this.v = v;
        this.scale = scale;
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
            double[] h = new LUDecomposition(equations).getSolver().solve(sides).toArray();
            return Optional.of(new Homography(
                    new double[] {h[2], h[0], h[1]}, new double[] {h[5], h[3], h[4]}, new double[] {1, h[6], h[7]}));
        } catch (MathRuntimeException singular) {
            return Optional.empty();
        }
    }

    public Vector2D apply(double x, double y) {
        double[] to = new double[2];
        map(x, y, to, 0);
        return Vector2D.of(to[0], to[1]);
    }

    /** Writes where a place comes at an index of a list of corners; returns the third form, which is positive of what lies before the eye. */
    public double map(double x, double y, double[] corners, int i) {
        double third = scale[0] + scale[1] * x + scale[2] * y;
        double share = 1 / third;
        corners[i] = (u[0] + u[1] * x + u[2] * y) * share;
        corners[i + 1] = (v[0] + v[1] * x + v[2] * y) * share;
        return third;
    }

    /** Where the corners of a polygon come; none where one of them lies behind. */
    public double[] map(double[] corners) {
        double[] mapped = new double[corners.length];
        for (int i = 0; i < corners.length; i += 2) {
            if (map(corners[i], corners[i + 1], mapped, i) < LEAST_SCALE) {
                return ConvexPolygon.NONE;
            }
        }
        return mapped;
    }

    /** A column of its matrix, for x, y and 1; the last entry of all is 1 where points told the map. */
    public Vector3D column(int column) {
        int form = (column + 1) % 3;
        return Vector3D.of(u[form], v[form], scale[form]);
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
