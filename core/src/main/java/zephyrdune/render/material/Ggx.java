package zephyrdune.render.material;

import zephyrdune.units.sampling.Turn;

/**
 * The rough mirror of microfacets (T. S. Trowbridge and K. P. Reitz, 1975; B. Walter and others, EGSR 2007, as "GGX") with the
 * shadowing of Smith. Directions are in the frame of the surface, z along its normal; widths are alike along x and y.
 */
public final class Ggx {

    /** Narrower ones are taken for a perfect mirror. */
    static final double POLISHED = 0.004;

    private Ggx() {}

    /** Share of microfacet area per solid angle round a normal with this cosine to the surface's, per steradian. */
    public static double density(double cosine, double alpha) {
        if (cosine <= 0) {
            return 0;
        }
        double squared = alpha * alpha;
        double c = cosine * cosine * (squared - 1) + 1;
        return squared / (Math.PI * c * c);
    }

    /** Smith's Lambda: hidden over visible facet area for a direction with this cosine to the normal. */
    static double lambda(double cosine, double alpha) {
        double squared = cosine * cosine;
        double tangent = (1 - squared) / squared;
        return (Math.sqrt(1 + alpha * alpha * tangent) - 1) / 2;
    }

    /** Share of facets seen from one direction. */
    public static double g1(double cosine, double alpha) {
        return 1 / (1 + lambda(cosine, alpha));
    }

    /** Share of facets seen from both of two directions, as heights hide both at once. */
    public static double g2(double first, double second, double alpha) {
        return 1 / (1 + lambda(first, alpha) + lambda(second, alpha));
    }

    /**
     * A facet's normal, as likely as its area that is visible from a direction (E. Heitz, Sampling the GGX distribution of
     * visible normals, J. Comput. Graph. Tech. 7(4), 2018), into {@code facet}.
     *
     * @param s one number from 0 to 1
     * @param t another
     */
    public static void sampleVisibleNormal(
            double vx, double vy, double vz, double alpha, double s, double t, double[] facet) {
        double x = alpha * vx;
        double y = alpha * vy;
        double length = Math.sqrt(x * x + y * y + vz * vz);
        x /= length;
        y /= length;
        double z = vz / length;
        double level = x * x + y * y;
        double ax = level > 0 ? -y / Math.sqrt(level) : 1;
        double ay = level > 0 ? x / Math.sqrt(level) : 0;
        // the other direction square to the view: view x a
        double bx = -z * ay;
        double by = z * ax;
        double bz = x * ay - y * ax;
        double radius = Math.sqrt(s);
        double p = radius * Turn.cosine(t);
        double q = radius * Turn.sine(t);
        double share = (1 + z) / 2;
        q = (1 - share) * Math.sqrt(Math.max(0, 1 - p * p)) + share * q;
        double up = Math.sqrt(Math.max(0, 1 - p * p - q * q));
        double nx = alpha * (p * ax + q * bx + up * x);
        double ny = alpha * (p * ay + q * by + up * y);
        double nz = Math.max(1e-9, q * bz + up * z);
        double norm = Math.sqrt(nx * nx + ny * ny + nz * nz);
        facet[0] = nx / norm;
        facet[1] = ny / norm;
        facet[2] = nz / norm;
    }
}
