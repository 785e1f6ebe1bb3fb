package zephyrdune.picture;

/**
 * A low-discrepancy sequence over several dimensions, shifted at random for every pixel: the additive recurrence of the
 * generalised golden ratio.
 *
 * <p>In d dimensions the step along dimension j is phi^-(j+1), with phi the positive root of x^(d+1) = x + 1. A random
 * shift modulo one keeps every estimate free of bias (R. Cranley and T. N. L. Patterson, SIAM J. Numer. Anal. 13, 1976).
 */
final class Spread {

    private final double[] step;
    private final double[] shift;

    Spread(int dimensions) {
        step = new double[dimensions];
        shift = new double[dimensions];
        double phi = 2;
        for (int i = 0; i < 60; i++) {
            phi = Math.pow(1 + phi, 1.0 / (dimensions + 1));
        }
        double power = 1;
        for (int j = 0; j < dimensions; j++) {
            power /= phi;
            step[j] = power;
        }
    }

    /** Draws the shifts anew from a seed. */
    void reseed(long seed) {
        long state = seed;
        for (int j = 0; j < shift.length; j++) {
            state += 0x9E3779B97F4A7C15L;
            shift[j] = (mix(state) >>> 11) * 0x1.0p-53;
        }
    }

    /** The coordinate of sample {@code index} along one dimension, 0 to below 1. */
    double at(int dimension, int index) {
        double value = shift[dimension] + index * step[dimension];
        return value - (long) value;
    }

    /** The finaliser of SplitMix64 (Steele, Lea and Flood, OOPSLA 2014). */
    static long mix(long value) {
        long z = (value ^ (value >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }
}
