package zephyrdune.render.picture;

import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import zephyrdune.render.trace.Layers;

/**
 * A preview of a picture that is still noisy: the light that came by way of other surfaces, and the room's, is evened out along
 * each surface; light straight from the key and the base light is left as it was found, so that shadow edges keep their width.
 *
 * <p>An edge-avoiding wavelet (H. Dammertz and others, Edge-avoiding à-trous wavelet transform for fast global illumination
 * filtering, HPG 2010), on light with the surface's colour taken out, guided by owner, normal and distance. Readings never come
 * from it.
 */
public final class Denoiser {

    /** Distances between the pixels that are taken together, pass after pass. */
    private static final int[] STEPS = {1, 2, 4, 8};

    /** Weights of a linear B-spline. */
    private static final float[] SPLINE = {1 / 4f, 1 / 2f, 1 / 4f};

    /** What is darker than this is not divided by its colour. */
    private static final float DARKEST = 0.01f;

    /** Cosine between normals to this power is the weight. */
    private static final int NORMAL_POWER = 32;

    /** A difference in distance by this share halves the weight, about. */
    private static final float DISTANCE_SHARE = 0.02f;

    /** A pixel brighter than this many times its neighbours' mean is taken for a stray. */
    private static final float STRAY = 3;

    private final int width;
    private final int height;
    private final FirstHits guides;

    private Denoiser(Film film) {
        width = film.width();
        height = film.height();
        guides = film.guides();
    }

    public static Picture of(Film film, Mix mix) {
        Mix straight = mix.only(Layers.KEY).and(mix, Layers.BASE);
        Picture direct = film.picture(straight);
        float[] light =
                film.picture(mix.without(Layers.KEY).without(Layers.BASE)).linear();
        Denoiser smooth = new Denoiser(film);
        smooth.divide(light, true);
        light = smooth.withoutStrays(light);
        for (int step : STEPS) {
            light = smooth.even(light, step);
        }
        smooth.divide(light, false);
        float[] sum = direct.linear();
        for (int i = 0; i < sum.length; i++) {
            sum[i] += light[i];
        }
        return new Picture(film.width(), film.height(), sum);
    }

    private void divide(float[] light, boolean out) {
        for (int i = 0; i < light.length; i++) {
            float colour = Math.max(DARKEST, guides.colour()[i]);
            light[i] = out ? light[i] / colour : light[i] * colour;
        }
    }

    private float[] withoutStrays(float[] light) {
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
                float share = own > most && own > 0 ? most / own : 1;
                for (int channel = 0; channel < 3; channel++) {
                    kept[3 * pixel + channel] = light[3 * pixel + channel] * share;
                }
            }
        });
        return kept;
    }

    private static float grey(float[] light, int pixel) {
        return light[3 * pixel] + light[3 * pixel + 1] + light[3 * pixel + 2];
    }

    private float[] even(float[] light, int step) {
        float[] evened = new float[light.length];
        rows(row -> {
            for (int column = 0; column < width; column++) {
                even(light, step, column, row, evened);
            }
        });
        return evened;
    }

    private void even(float[] light, int step, int column, int row, float[] evened) {
        int pixel = row * width + column;
        float red = 0;
        float green = 0;
        float blue = 0;
        float weights = 0;
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
                float weight = SPLINE[i + 1] * SPLINE[j + 1] * alike(pixel, other, step);
                red += weight * light[3 * other];
                green += weight * light[3 * other + 1];
                blue += weight * light[3 * other + 2];
                weights += weight;
            }
        }
        evened[3 * pixel] = red / weights;
        evened[3 * pixel + 1] = green / weights;
        evened[3 * pixel + 2] = blue / weights;
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
