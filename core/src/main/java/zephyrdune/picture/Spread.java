package zephyrdune.picture;

import org.hipparchus.random.SobolSequenceGenerator;

/**
 * Evenly spread sample points over several dimensions: a Sobol sequence (I. M. Sobol, 1967; direction numbers by Joe and
 * Kuo, as the library has them), shifted at random for every pixel.
 *
 * <p>A random shift modulo one keeps every estimate free of bias (R. Cranley and T. N. L. Patterson, SIAM J. Numer. Anal.
 * 13, 1976).
 */
final class Spread {

    static final int DIMENSIONS = 12;

    /** Points before the sequence starts again; a power of two. */
    private static final int POINTS = 4096;

    private static final double[] SOBOL = sobol();

    private final double[] shift = new double[DIMENSIONS];

    private static double[] sobol() {
        SobolSequenceGenerator generator = new SobolSequenceGenerator(DIMENSIONS);
        double[] points = new double[POINTS * DIMENSIONS];
        for (int i = 0; i < POINTS; i++) {
            System.arraycopy(generator.nextVector(), 0, points, i * DIMENSIONS, DIMENSIONS);
        }
        return points;
    }

    /** Draws the shifts anew from a seed. */
    void reseed(long seed) {
        long state = seed;
        for (int j = 0; j < DIMENSIONS; j++) {
            state += 0x9E3779B97F4A7C15L;
            shift[j] = (mix(state) >>> 11) * 0x1.0p-53;
        }
    }

    /** The coordinate of sample {@code index} along one dimension, 0 to below 1. */
    double at(int dimension, int index) {
        double value = SOBOL[(index & (POINTS - 1)) * DIMENSIONS + dimension] + shift[dimension];
        return value < 1 ? value : value - 1;
    }

    /** The finaliser of SplitMix64 (Steele, Lea and Flood, OOPSLA 2014). */
    static long mix(long value) {
        long z = (value ^ (value >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }
}
