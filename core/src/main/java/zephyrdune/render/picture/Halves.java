package zephyrdune.render.picture;

/**
 * The samples of a pixel in two parts, whose difference says how far the mean of all may be off: the earlier ones, as many as the largest
 * power of two below their number, and the later. A power of two of Sobol's points is evenly spread by itself, so each part errs as little as so
 * few samples can; split at random, parts would err far more than the whole.
 *
 * <p>The whole is spread more evenly still than both parts laid together by chance, so it errs a little less than their difference tells: by the
 * root of 2 to the power of p, less 1, where the variance falls with the power p of the number of samples (A. B. Owen, Scrambled net variance for
 * integrals of smooth functions, Ann. Statist. 25(4), 1997, for how). {@link Denoiser} takes by how much from measurement, component by component.
 */
final class Halves {

    private Halves() {}

    /** Whether a sample, counted from zero, is the first of the later ones, as long as no such sample follows. */
    static boolean laterFrom(int sample) {
        return Integer.bitCount(sample) == 1;
    }

    /** How many of all samples are the earlier ones. */
    static int earlier(int all) {
        return Integer.highestOneBit(all - 1);
    }

    /** By what the difference of both parts' means is an estimate of the mean's error, if samples have nothing to do with each other. */
    static double scale(int all) {
        int earlier = earlier(all);
        return Math.sqrt((double) earlier * (all - earlier)) / all;
    }
}
