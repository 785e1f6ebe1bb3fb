package zephyrdune.render.material;

/**
 * How much of unpolarised light a smooth boundary between two clear substances mirrors (A. Fresnel, 1823), and how it bends
 * the rest (Snell's law).
 */
public final class Fresnel {

    private static final int MEAN_STEPS = 1024;

    private Fresnel() {}

    /**
     * Mirrored share, 0 to 1; 1 where nothing gets through.
     *
     * @param cosine of the angle between ray and normal on the side the light comes from, 0 to 1
     * @param index of the far side over that of the near side
     */
    public static double mirrored(double cosine, double index) {
        double through = cosineBeyond(cosine, index);
        if (through == 0) {
            return 1;
        }
        double across = (cosine - index * through) / (cosine + index * through);
        double along = (index * cosine - through) / (index * cosine + through);
        return (across * across + along * along) / 2;
    }

    /** Cosine of the angle to the normal beyond the boundary; 0 where all is mirrored. */
    public static double cosineBeyond(double cosine, double index) {
        double squared = 1 - (1 - cosine * cosine) / (index * index);
        return squared <= 0 ? 0 : Math.sqrt(squared);
    }

    /** Mirrored share of light that comes evenly from all sides, by the midpoint rule over the cosine. */
    static double meanMirrored(double index) {
        double sum = 0;
        for (int i = 0; i < MEAN_STEPS; i++) {
            double cosine = (i + 0.5) / MEAN_STEPS;
            sum += 2 * cosine * mirrored(cosine, index);
        }
        return sum / MEAN_STEPS;
    }

    /** Mirrored share of a metal: a polynomial through its reflectance straight on (C. Schlick, Eurographics 1994). */
    public static double metal(double straightOn, double cosine) {
        double rest = 1 - cosine;
        double squared = rest * rest;
        return straightOn + (1 - straightOn) * squared * squared * rest;
    }
}
