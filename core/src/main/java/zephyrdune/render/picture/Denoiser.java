package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import zephyrdune.render.trace.Layers;

/**
 * A picture that is still noisy, evened out: the light that came by way of other surfaces, and the room's, is evened along each surface as far
 * as its own noise reaches; light straight from the key and the base light is left as it was found, so that shadow edges keep their width, but for a first look.
 *
 * <p>An edge-avoiding wavelet (H. Dammertz and others, Edge-avoiding à-trous wavelet transform for fast global illumination
 * filtering, HPG 2010), on light with the surface's colour taken out, guided by owner, normal and distance, and by differences that are
 * larger than the noise (C. Schied and others, Spatiotemporal variance-guided filtering, HPG 2017): with more samples less is evened, down to
 * nothing. Readings never come from it.
 *
 * <p>Half the difference of the odd and the even samples goes through the same filter, and comes out as a sample of the picture's error (F.
 * Rousselle and others, Adaptive rendering with non-local means filtering, ACM Trans. Graph. 31, 2012, use two halves so).
 */
public final class Denoiser {

    /** Distances between the pixels that are taken together, pass after pass. */
    private static final int[] STEPS = {1, 2, 4, 8};

    /** The same for light straight from the lights in a first look. */
    private static final int[] FIRST_STEPS = {1};

    /** How many of these say how noisy the neighbourhood is. */
    private static final int WIDE = 3;

    /** A linear B-spline's weights: in the middle, beside it and across the corner. */
    private static final float MIDDLE = 1 / 4f;

    private static final float BESIDE = 1 / 8f;
    private static final float CORNER = 1 / 16f;

    /** What is darker than this is not divided by its colour. */
    private static final float DARKEST = 0.01f;

    /** A pixel brighter than this many times its neighbours' mean is a stray, if nearly all of that is in one half of its samples. */
    private static final float STRAY = 3;

    private static final float ONE_SIDED = 0.5f;

    /** Differences of this many standard errors count for a quarter. */
    private static final float NOISY = 3;

    /** Keeps what has no noise from being divided by it. */
    private static final float TINY = 1e-30f;

    /** As good as no bound. */
    private static final float ANY = 1e30f;

    /**
     * @param picture as it is to be shown
     * @param error of every pixel's green, as it came out: linear; not a number where there are too few samples to tell
     */
    public record Shown(Picture picture, float[] error) {}

    /** From so many samples per pixel on, their differences say how noisy the light is. */
    private static final int GUIDING = 4;

    private final int width;
    private final int height;
    private final float[] colour;

    /** Evened light by way of other surfaces, over the surface's colour: red, green and blue. */
    private float[][] light;

    /** Half the difference of odd and even samples of its green, evened likewise. */
    private float[] half;

    /** Variance of its green. */
    private float[] variance;

    private Denoiser(Film film) {
        width = film.width();
        height = film.height();
        colour = film.guides().colour();
    }

    public static Picture of(Film film, Mix mix) {
        return shown(film, mix).picture();
    }

    public static Shown shown(Film film, Mix mix) {
        Mix straight = mix.only(Layers.KEY).and(mix, Layers.BASE);
        Mix others = mix.without(Layers.KEY).without(Layers.BASE);
        float[] sum = film.picture(straight).linear();
        float[] error = film.halfDifference(straight);
        boolean enough = film.samples() >= GUIDING;
        Likeness likeness = new Likeness(film.guides(), film.width(), film.height(), enough);
        if (film.sparse()) {
            // a first look: better a little soft than full of dots
            Denoiser first = new Denoiser(film);
            first.take(sum, error);
            Arrays.fill(sum, 0);
            Arrays.fill(error, 0);
            first.even(likeness, false, FIRST_STEPS);
            first.addTo(sum, error);
        }
        Denoiser smooth = new Denoiser(film);
        smooth.take(film.picture(others).linear(), film.halfDifference(others));
        if (!film.sparse()) {
            smooth.withoutStrays(enough);
        }
        smooth.even(likeness, enough, STEPS);
        smooth.addTo(sum, error);
        return new Shown(new Picture(film.width(), film.height(), sum), error);
    }

    private float colour(int i) {
        return Math.max(DARKEST, colour[i]);
    }

    /** Takes the surface's colour out. */
    private void take(float[] found, float[] halfDifference) {
        light = new float[3][width * height];
        half = halfDifference.clone();
        rows(row -> {
            for (int pixel = row * width; pixel < (row + 1) * width; pixel++) {
                for (int channel = 0; channel < 3; channel++) {
                    light[channel][pixel] = found[3 * pixel + channel] / colour(3 * pixel + channel);
                }
                half[pixel] /= colour(3 * pixel + 1);
            }
        });
    }

    /** Adds what came out, in the surface's colour. */
    private void addTo(float[] linear, float[] error) {
        rows(row -> {
            for (int pixel = row * width; pixel < (row + 1) * width; pixel++) {
                for (int channel = 0; channel < 3; channel++) {
                    linear[3 * pixel + channel] += light[channel][pixel] * colour(3 * pixel + channel);
                }
                error[pixel] += half[pixel] * colour(3 * pixel + 1);
            }
        });
    }

    private void even(Likeness likeness, boolean enough, int[] steps) {
        float[][][] weights = Arrays.stream(steps).mapToObj(likeness::at).toArray(float[][][]::new);
        variance = new float[half.length];
        if (enough) {
            for (int pixel = 0; pixel < half.length; pixel++) {
                variance[pixel] = half[pixel] * half[pixel];
            }
            for (int i = 0; i < WIDE; i++) {
                widely(steps[i], weights[i]);
            }
        } else {
            Arrays.fill(variance, ANY);
        }
        for (int i = 0; i < steps.length; i++) {
            step(steps[i], weights[i]);
        }
    }

    private void withoutStrays(boolean halves) {
        float[][] kept = new float[3][half.length];
        rows(row -> {
            for (int column = 0; column < width; column++) {
                int pixel = row * width + column;
                float sum = 0;
                int count = 0;
                for (int y = Math.max(0, row - 1); y <= Math.min(height - 1, row + 1); y++) {
                    for (int x = Math.max(0, column - 1); x <= Math.min(width - 1, column + 1); x++) {
                        if (y != row || x != column) {
                            sum += grey(y * width + x);
                            count++;
                        }
                    }
                }
                float own = grey(pixel);
                float most = STRAY * sum / count;
                boolean stray =
                        own > most && own > 0 && !(halves && Math.abs(half[pixel]) < ONE_SIDED * light[1][pixel]);
                float share = stray ? most / own : 1;
                half[pixel] *= share;
                for (int channel = 0; channel < 3; channel++) {
                    kept[channel][pixel] = light[channel][pixel] * share;
                }
            }
        });
        light = kept;
    }

    private float grey(int pixel) {
        return light[0][pixel] + light[1][pixel] + light[2][pixel];
    }

    /** One pass over light, its halves and its variance. */
    private void step(int step, float[][] weights) {
        float[][] evened = new float[3][half.length];
        float[] halves = new float[half.length];
        float[] left = new float[half.length];
        rows(row -> {
            Row sums = new Row(row);
            neighbours(row, step, weights, sums::add);
            sums.divide(evened, halves, left);
        });
        light = evened;
        half = halves;
        variance = left;
    }

    /** What the pixels of one row take from their neighbours: short loops, so that the machine takes several pixels at a time. */
    private final class Row {

        private final int start;
        private final float[] red = new float[width];
        private final float[] green = new float[width];
        private final float[] blue = new float[width];
        private final float[] difference = new float[width];
        private final float[] unsure = new float[width];
        private final float[] all = new float[width];
        private final float[] weight = new float[width];

        Row(int row) {
            start = row * width;
            Arrays.fill(weight, MIDDLE);
            take(0, width, 0);
        }

        /** From the neighbours in one direction, as far as light differs by no more than its noise. */
        void add(int from, int to, int on, float[] likeness, int weighed, boolean corner) {
            float spline = corner ? CORNER : BESIDE;
            near(from, to, on, light[1], variance);
            for (int column = from; column < to; column++) {
                weight[column] *= spline * likeness[start + column + weighed];
            }
            take(from, to, on);
        }

        private void near(int from, int to, int on, float[] greens, float[] variances) {
            for (int column = from; column < to; column++) {
                int pixel = start + column;
                float apart = greens[pixel] - greens[pixel + on];
                float noise = NOISY * NOISY * (variances[pixel] + variances[pixel + on]) + TINY;
                float near = noise / (noise + apart * apart);
                weight[column] = near * near;
            }
        }

        private void take(int from, int to, int on) {
            weighed(from, to, start + on, light[0], red);
            weighed(from, to, start + on, light[1], green);
            weighed(from, to, start + on, light[2], blue);
            weighed(from, to, start + on, half, difference);
            for (int column = from; column < to; column++) {
                all[column] += weight[column];
            }
            for (int column = from; column < to; column++) {
                unsure[column] += weight[column] * weight[column] * variance[start + on + column];
            }
        }

        private void weighed(int from, int to, int first, float[] values, float[] sums) {
            for (int column = from; column < to; column++) {
                sums[column] += weight[column] * values[first + column];
            }
        }

        void divide(float[][] evened, float[] halves, float[] left) {
            for (int column = 0; column < width; column++) {
                float each = 1 / all[column];
                evened[0][start + column] = each * red[column];
                evened[1][start + column] = each * green[column];
                evened[2][start + column] = each * blue[column];
                halves[start + column] = each * difference[column];
                left[start + column] = each * each * unsure[column];
            }
        }
    }

    /** Takes the neighbours of a row's pixels in one direction. */
    private interface Neighbours {

        /**
         * @param from first column that has one; to likewise
         * @param on from a pixel to its neighbour
         * @param weighed from a pixel to where the pair's weight is
         */
        void take(int from, int to, int on, float[] weights, int weighed, boolean corner);
    }

    private void neighbours(int row, int step, float[][] weights, Neighbours taken) {
        for (int direction = 0; direction < weights.length; direction++) {
            int across = step * Likeness.ACROSS[direction];
            int down = step * Likeness.DOWN[direction];
            int on = down * width + across;
            boolean corner = across != 0 && down != 0;
            if (row + down < height) {
                taken.take(Math.max(0, -across), width - Math.max(0, across), on, weights[direction], 0, corner);
            }
            if (row >= down) {
                taken.take(Math.max(0, across), width - Math.max(0, -across), -on, weights[direction], -on, corner);
            }
        }
    }

    /** Spreads the variance over the neighbourhood. */
    private void widely(int step, float[][] weights) {
        float[] evened = new float[half.length];
        rows(row -> {
            int start = row * width;
            float[] sums = Arrays.copyOfRange(variance, start, start + width);
            float[] all = new float[width];
            Arrays.fill(all, 1);
            neighbours(row, step, weights, (from, to, on, likeness, weighed, corner) -> {
                for (int column = from; column < to; column++) {
                    float weight = likeness[start + column + weighed];
                    sums[column] += weight * variance[start + column + on];
                    all[column] += weight;
                }
            });
            for (int column = 0; column < width; column++) {
                evened[start + column] = sums[column] / all[column];
            }
        });
        variance = evened;
    }

    private void rows(IntConsumer work) {
        IntStream.range(0, height).parallel().forEach(work);
    }
}
