package zephyrdune.render.picture;

import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import zephyrdune.render.trace.Layers;

/**
 * A picture that is still noisy, evened out: the light that came by way of other surfaces, and the room's, is evened along each surface as far
 * as its own noise reaches; light straight from the key and the base light is left as it was found, so that shadow edges keep their width.
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

    /** The same for how noisy the neighbourhood is. */
    private static final int[] WIDE = {1, 2, 4};

    /** Weights of a linear B-spline. */
    private static final float[] SPLINE = {1 / 4f, 1 / 2f, 1 / 4f};

    /** What is darker than this is not divided by its colour. */
    private static final float DARKEST = 0.01f;

    /** Cosine between normals to this power is the weight. */
    private static final int NORMAL_POWER = 32;

    /** A difference in distance by this share halves the weight, about. */
    private static final float DISTANCE_SHARE = 0.02f;

    /** A pixel brighter than this many times its neighbours' mean is a stray, if nearly all of that is in one half of its samples. */
    private static final float STRAY = 3;

    private static final float ONE_SIDED = 0.5f;

    /** Differences of this many standard errors count for a quarter. */
    private static final float NOISY = 3;

    /**
     * @param picture as it is to be shown
     * @param error of every pixel's green, as it came out: linear; not a number where there are too few samples to tell
     */
    public record Shown(Picture picture, float[] error) {}

    /** From so many samples per pixel on, their differences say how noisy the light is. */
    private static final int GUIDING = 4;

    private final int width;
    private final int height;
    private final FirstHits guides;

    /** Evened light by way of other surfaces, over the surface's colour: red, green and blue in turn. */
    private float[] light;

    /** Half the difference of odd and even samples of its green, evened likewise. */
    private float[] half;

    /** Variance of its green; null where there are too few samples to tell. */
    private float[] variance;

    private Denoiser(Film film) {
        width = film.width();
        height = film.height();
        guides = film.guides();
    }

    public static Picture of(Film film, Mix mix) {
        return shown(film, mix).picture();
    }

    public static Shown shown(Film film, Mix mix) {
        Mix straight = mix.only(Layers.KEY).and(mix, Layers.BASE);
        Mix others = mix.without(Layers.KEY).without(Layers.BASE);
        float[] sum = film.picture(straight).linear();
        float[] error = film.halfDifference(straight);
        Denoiser smooth = new Denoiser(film);
        smooth.even(film.picture(others).linear(), film.halfDifference(others), film.samples() >= GUIDING);
        for (int i = 0; i < sum.length; i++) {
            sum[i] += smooth.light[i] * smooth.colour(i);
        }
        for (int pixel = 0; pixel < error.length; pixel++) {
            error[pixel] += smooth.half[pixel] * smooth.colour(3 * pixel + 1);
        }
        return new Shown(new Picture(film.width(), film.height(), sum), error);
    }

    private float colour(int i) {
        return Math.max(DARKEST, guides.colour()[i]);
    }

    private void even(float[] found, float[] halfDifference, boolean enough) {
        light = found;
        half = halfDifference;
        for (int i = 0; i < light.length; i++) {
            light[i] /= colour(i);
        }
        for (int pixel = 0; pixel < half.length; pixel++) {
            half[pixel] /= colour(3 * pixel + 1);
        }
        withoutStrays(enough);
        variance = null;
        if (enough) {
            float[] squares = new float[half.length];
            for (int pixel = 0; pixel < half.length; pixel++) {
                squares[pixel] = half[pixel] * half[pixel];
            }
            for (int step : WIDE) {
                squares = widely(squares, step);
            }
            variance = squares;
        }
        for (int step : STEPS) {
            step(step);
        }
    }

    private void withoutStrays(boolean halves) {
        float[] kept = new float[light.length];
        rows(row -> {
            for (int column = 0; column < width; column++) {
                int pixel = row * width + column;
                float sum = 0;
                int count = 0;
                for (int y = Math.max(0, row - 1); y <= Math.min(height - 1, row + 1); y++) {
                    for (int x = Math.max(0, column - 1); x <= Math.min(width - 1, column + 1); x++) {
                        if (y != row || x != column) {
                            sum += grey(light, y * width + x);
                            count++;
                        }
                    }
                }
                float own = grey(light, pixel);
                float most = STRAY * sum / count;
                boolean stray =
                        own > most && own > 0 && !(halves && Math.abs(half[pixel]) < ONE_SIDED * light[3 * pixel + 1]);
                float share = stray ? most / own : 1;
                half[pixel] *= share;
                for (int channel = 0; channel < 3; channel++) {
                    kept[3 * pixel + channel] = light[3 * pixel + channel] * share;
                }
            }
        });
        light = kept;
    }

    private static float grey(float[] light, int pixel) {
        return light[3 * pixel] + light[3 * pixel + 1] + light[3 * pixel + 2];
    }

    /** One pass over light, its halves and its variance. */
    private void step(int step) {
        float[] evened = new float[light.length];
        float[] halves = new float[half.length];
        float[] left = variance == null ? null : new float[half.length];
        rows(row -> {
            for (int column = 0; column < width; column++) {
                step(step, column, row, evened, halves, left);
            }
        });
        light = evened;
        half = halves;
        variance = left;
    }

    private void step(int step, int column, int row, float[] evened, float[] halves, float[] left) {
        int pixel = row * width + column;
        float red = 0;
        float green = 0;
        float blue = 0;
        float difference = 0;
        float weights = 0;
        float unsure = 0;
        for (int j = -1; j <= 1; j++) {
            int y = row + j * step;
            if (y < 0 || y >= height) {
                continue;
            }
            for (int i = -1; i <= 1; i++) {
                int x = column + i * step;
                if (x < 0 || x >= width) {
                    continue;
                }
                int other = y * width + x;
                float weight = SPLINE[i + 1] * SPLINE[j + 1] * alike(pixel, other, step) * within(pixel, other);
                red += weight * light[3 * other];
                green += weight * light[3 * other + 1];
                blue += weight * light[3 * other + 2];
                difference += weight * half[other];
                weights += weight;
                unsure += variance == null ? 0 : weight * weight * variance[other];
            }
        }
        evened[3 * pixel] = red / weights;
        evened[3 * pixel + 1] = green / weights;
        evened[3 * pixel + 2] = blue / weights;
        halves[pixel] = difference / weights;
        if (left != null) {
            left[pixel] = unsure / (weights * weights);
        }
    }

    /** How much two pixels may be the same but for their noise. */
    private float within(int pixel, int other) {
        if (variance == null || pixel == other) {
            return 1;
        }
        float difference = light[3 * pixel + 1] - light[3 * other + 1];
        float noise = NOISY * NOISY * (variance[pixel] + variance[other]);
        float over = noise == 0 ? difference == 0 ? 0 : Float.POSITIVE_INFINITY : difference * difference / noise;
        return 1 / ((1 + over) * (1 + over));
    }

    private float[] widely(float[] values, int step) {
        float[] evened = new float[values.length];
        rows(row -> {
            for (int column = 0; column < width; column++) {
                int pixel = row * width + column;
                float sum = 0;
                float weights = 0;
                for (int y = row - step; y <= row + step; y += step) {
                    for (int x = column - step; x <= column + step; x += step) {
                        if (y >= 0 && y < height && x >= 0 && x < width) {
                            float weight = alike(pixel, y * width + x, step);
                            sum += weight * values[y * width + x];
                            weights += weight;
                        }
                    }
                }
                evened[pixel] = sum / weights;
            }
        });
        return evened;
    }

    private float alike(int pixel, int other, int step) {
        if (pixel == other) {
            return 1;
        }
        if (guides.owner()[pixel] != guides.owner()[other] || guides.mirrors()[pixel] || guides.mirrors()[other]) {
            return 0;
        }
        float[] normal = guides.normal();
        float cosine = normal[3 * pixel] * normal[3 * other]
                + normal[3 * pixel + 1] * normal[3 * other + 1]
                + normal[3 * pixel + 2] * normal[3 * other + 2];
        if (cosine <= 0) {
            return 0;
        }
        float weight = cosine;
        for (int power = 1; power < NORMAL_POWER; power *= 2) {
            weight *= weight;
        }
        float own = guides.distance()[pixel];
        if (own == Float.POSITIVE_INFINITY) {
            return 1;
        }
        float apart = Math.abs(own - guides.distance()[other]) / (own * DISTANCE_SHARE * step);
        return weight / (1 + apart * apart);
    }

    private void rows(IntConsumer work) {
        IntStream.range(0, height).parallel().forEach(work);
    }
}
