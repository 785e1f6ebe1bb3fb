package zephyrdune.render.picture;

/**
 * The samples of a pixel in two parts, whose difference says how far the mean of all may be off: the earlier ones, as many as the largest
 * power of two below their number, and the later. A power of two of Sobol's points is evenly spread by itself, so each part errs as little as so
 * few samples can; split at random, parts would err far more than the whole.
 */
final class Halves {

    /**
     * The whole is spread more evenly than both parts laid together by chance, so it errs less than their difference tells: by the root of 2 to
     * the power of p, less 1, where the variance falls with the power p of the number of samples (A. B. Owen, Scrambled net variance for integrals
     * of smooth functions, Ann. Statist. 25(4), 1997, for how). In pictures p is 1.17, as measured, see light-model.md: between chance, 1, and the
     * edge of something in a pixel, 1.5.
     */
    static final double TOLD_OVER_TRUE = 1.12;

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

    /** Mean square error of the whole over that of its estimate; two samples are spread no better than by chance. */
    static double trueOverTold(double all) {
        return all > 2 ? 1 / (TOLD_OVER_TRUE * TOLD_OVER_TRUE) : 1;
    }
}
