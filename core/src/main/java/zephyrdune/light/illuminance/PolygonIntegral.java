package zephyrdune.light.illuminance;

import zephyrdune.units.geometry.ConvexPolygon;

/** Integrals over convex parts of a plane; below zero for a part that winds clockwise. */
final class PolygonIntegral {

    /** Parts wider or higher than this are divided. */
    private static final double LARGEST = 0.4;

    private PolygonIntegral() {}

    /** What is integrated. */
    interface Kernel {
        double at(double u, double v);
    }

    /** By four places with the part's area, middle and second moments. */
    static double small(double[] part, Kernel kernel) {
        double area = 0;
        double mu = 0;
        double mv = 0;
        double uu = 0;
        double uv = 0;
        double vv = 0;
        // about the first corner, triangle by triangle
        for (int i = 2; i + 2 < part.length; i += 2) {
            double u1 = part[i] - part[0];
            double v1 = part[i + 1] - part[1];
            double u2 = part[i + 2] - part[0];
            double v2 = part[i + 3] - part[1];
            double twice = u1 * v2 - u2 * v1;
            area += twice;
            mu += twice * (u1 + u2);
            mv += twice * (v1 + v2);
            uu += twice * (u1 * u1 + u1 * u2 + u2 * u2);
            uv += twice * (2 * u1 * v1 + u1 * v2 + u2 * v1 + 2 * u2 * v2);
            vv += twice * (v1 * v1 + v1 * v2 + v2 * v2);
        }
        if (area == 0) {
            return 0;
        }
        mu /= 3 * area;
        mv /= 3 * area;
        double first = Math.sqrt(Math.max(0, uu / (3 * area) - 2 * mu * mu));
        double skew = first == 0 ? 0 : (uv / (6 * area) - 2 * mu * mv) / first;
        double second = Math.sqrt(Math.max(0, vv / (3 * area) - 2 * mv * mv - skew * skew));
        double u = part[0] + mu;
        double v = part[1] + mv;
        return area
                / 8
                * (kernel.at(u + first, v + skew)
                        + kernel.at(u - first, v - skew)
                        + kernel.at(u, v + second)
                        + kernel.at(u, v - second));
    }

    /** The same piece by piece, of pieces that are small enough. */
    static double large(double[] part, Kernel kernel) {
        double left = part[0];
        double right = part[0];
        double low = part[1];
        double high = part[1];
        for (int i = 2; i < part.length; i += 2) {
            left = Math.min(left, part[i]);
            right = Math.max(right, part[i]);
            low = Math.min(low, part[i + 1]);
            high = Math.max(high, part[i + 1]);
        }
        if (Math.max(right - left, high - low) <= LARGEST) {
            return small(part, kernel);
        }
        boolean wide = right - left > high - low;
        double middle = wide ? (left + right) / 2 : (low + high) / 2;
        double across = wide ? 1 : 0;
        double up = 1 - across;
        return piece(ConvexPolygon.kept(part, -middle, across, up), kernel)
                + piece(ConvexPolygon.kept(part, middle, -across, -up), kernel);
    }

    private static double piece(double[] part, Kernel kernel) {
        return part.length == 0 ? 0 : large(part, kernel);
    }
}
