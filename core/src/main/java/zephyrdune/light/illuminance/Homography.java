package zephyrdune.light.illuminance;

import zephyrdune.units.geometry.ConvexPolygon;

/** One plane seen on another from a place: each coordinate there is a form of (1, across, up) over the last of the three. */
final class Homography {

    /** Below this a place is hardly seen towards the other plane. */
    private static final double LEAST = 1e-12;

    private final double[] u;
    private final double[] v;
    private final double[] over;

    Homography(double[] u, double[] v, double[] over) {
        this.u = u;
        this.v = v;
        this.over = over;
    }

    /** Corners as they are seen on the other plane; none where one of them is not seen towards it. */
    double[] of(double[] corners) {
        double[] seen = new double[corners.length];
        for (int i = 0; i < corners.length; i += 2) {
            if (set(corners[i], corners[i + 1], seen, i) < LEAST) {
                return ConvexPolygon.NONE;
            }
        }
        return seen;
    }

    /** Where a place is seen, written at an index; returns the last form, which is positive where it is seen towards the other plane. */
    double set(double across, double up, double[] seen, int i) {
        double towards = over[0] + over[1] * across + over[2] * up;
        double share = 1 / towards;
        seen[i] = (u[0] + u[1] * across + u[2] * up) * share;
        seen[i + 1] = (v[0] + v[1] * across + v[2] * up) * share;
        return towards;
    }
}
