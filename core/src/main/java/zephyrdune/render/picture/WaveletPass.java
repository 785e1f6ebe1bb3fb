package zephyrdune.render.picture;

import java.util.Arrays;

/**
 * One pass of a wavelet filter over one row: what its pixels take from their neighbours. Short loops over arrays of the row's own, all with the
 * one index, so that the machine takes several pixels at a time.
 */
final class WaveletPass {

    /** A linear B-spline's weights: in the middle, beside it and across the corner. */
    private static final float MIDDLE = 1 / 4f;

    private static final float BESIDE = 1 / 8f;
    private static final float CORNER = 1 / 16f;

    /** Keeps what has no noise from being divided by it. */
    private static final float TINY = 1e-30f;

    /** Weights below this do not count: products of such are slow to work with. */
    private static final float LEAST_WEIGHT = 1e-6f;

    private final NoisyLight light;
    private final float noisy;
    private final int width;
    private final int start;
    private final float[] red;
    private final float[] green;
    private final float[] blue;
    private final float[] difference;
    private final float[] unsure;
    private final float[] all;
    private final float[] weight;
    private final float[] ownGreen;
    private final float[] ownVariance;

    /** Of the neighbours in one direction. */
    private final float[] theirs;

    private final float[] theirVariance;

    private WaveletPass(NoisyLight light, float noisy, int width, int row) {
        this.light = light;
        this.noisy = noisy;
        this.width = width;
        start = row * width;
        red = new float[width];
        green = new float[width];
        blue = new float[width];
        difference = new float[width];
        unsure = new float[width];
        all = new float[width];
        weight = new float[width];
        theirs = new float[width];
        ownGreen = Arrays.copyOfRange(light.green(), start, start + width);
        ownVariance = Arrays.copyOfRange(light.variance(), start, start + width);
        theirVariance = ownVariance.clone();
        Arrays.fill(weight, MIDDLE);
        take(0, width, 0);
    }

    /**
     * Evens all rows.
     *
     * @param step from a pixel to those it takes from
     * @param weights how alike they are, see {@link Likeness}
     * @param noisy differences of this many standard errors count for a quarter
     */
    static void over(NoisyLight from, NoisyLight to, Neighbourhood pixels, int step, float[][] weights, float noisy) {
        pixels.rows(row -> {
            WaveletPass pass = new WaveletPass(from, noisy, pixels.width(), row);
            pixels.of(row, step, weights, pass::add);
            pass.divide(to);
        });
    }

    /** From the neighbours in one direction, as far as light differs by no more than its noise. */
    private void add(int from, int to, int on, float[] likeness, int weighed, boolean corner) {
        System.arraycopy(light.variance(), start + on + from, theirVariance, from, to - from);
        near(from, to, on);
        alike(from, to, likeness, weighed, corner ? CORNER : BESIDE);
        take(from, to, on);
    }

    private void near(int from, int to, int on) {
        if (noisy == WaveletFilter.WHATEVER) {
            Arrays.fill(weight, from, to, 1);
            return;
        }
        System.arraycopy(light.green(), start + on + from, theirs, from, to - from);
        float squared = noisy * noisy;
        for (int column = from; column < to; column++) {
            float apart = ownGreen[column] - theirs[column];
            float noise = squared * (ownVariance[column] + theirVariance[column]) + TINY;
            float near = Math.max(LEAST_WEIGHT, noise / (noise + apart * apart));
            weight[column] = near * near;
        }
    }

    private void alike(int from, int to, float[] likeness, int weighed, float spline) {
        System.arraycopy(likeness, start + weighed + from, theirs, from, to - from);
        for (int column = from; column < to; column++) {
            weight[column] *= spline * theirs[column];
        }
    }

    private void take(int from, int to, int on) {
        weighed(from, to, start + on, light.channels()[0], red);
        weighed(from, to, start + on, light.channels()[1], green);
        weighed(from, to, start + on, light.channels()[2], blue);
        weighed(from, to, start + on, light.half(), difference);
        for (int column = from; column < to; column++) {
            all[column] += weight[column];
        }
        for (int column = from; column < to; column++) {
            unsure[column] += weight[column] * weight[column] * theirVariance[column];
        }
    }

    private void weighed(int from, int to, int first, float[] values, float[] sums) {
        System.arraycopy(values, first + from, theirs, from, to - from);
        for (int column = from; column < to; column++) {
            sums[column] += weight[column] * theirs[column];
        }
    }

    private void divide(NoisyLight to) {
        float[] each = new float[width];
        for (int column = 0; column < width; column++) {
            each[column] = 1 / all[column];
        }
        divided(red, each, to.channels()[0]);
        divided(green, each, to.channels()[1]);
        divided(blue, each, to.channels()[2]);
        divided(difference, each, to.half());
        for (int column = 0; column < width; column++) {
            unsure[column] *= each[column];
        }
        divided(unsure, each, to.variance());
    }

    private void divided(float[] sums, float[] each, float[] to) {
        for (int column = 0; column < width; column++) {
            sums[column] *= each[column];
        }
        System.arraycopy(sums, 0, to, start, width);
    }
}
