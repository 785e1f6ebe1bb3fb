package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.stream.IntStream;
import org.hipparchus.special.Erf;
import zephyrdune.render.trace.LightComponent;

/**
 * How far a picture may still be from what it is becoming, in stops: by the difference of its earlier and its later samples, which estimates
 * the error of the whole's (H. Dammertz and others, A hierarchical automatic stopping condition for Monte Carlo global illumination, WSCG
 * 2010), evened out as the picture is. What is darker than the last step of an 8-bit picture counts as if it were that bright.
 *
 * @param most what 95 % of the pixels are no further off; infinite as long as there are too few samples to tell
 * @param tiles the root of the mean square over each of the film's tiles and those next to it
 */
public record Noise(double most, double[] tiles) {

    /** Below so many samples nothing can be said. */
    static final int LEAST_SAMPLES = 2;

    /** Linear value of the code value 1 of 255 in sRGB, IEC 61966-2-1. */
    private static final double DARKEST = 1 / 255.0 / 12.92;

    private static final double PER_STOP = Math.log(2);

    private static final double SHARE = 0.95;

    /** Standard errors are counted in bins of this width, as logarithms, from the least on, stops. */
    private static final double WIDTH = 0.05;

    private static final double LEAST = 1e-4;
    private static final int BINS = 240;

    private static final double BISECTED = 1e-3;

    /** Pixels are looked at in every so many columns and rows for the share of all. */
    private static final int EVERY = 2;

    /** Of the noisiest of the tiles; zero where nothing is known of any. */
    double worst() {
        return Arrays.stream(tiles).max().orElse(0);
    }

    static Noise of(Film film, Denoiser.Shown shown) {
        double[] squares = IntStream.range(0, film.tiles().count())
                .parallel()
                .mapToDouble(tile -> square(film, shown, tile))
                .toArray();
        double[] tiles = IntStream.range(0, squares.length)
                .mapToDouble(tile -> Math.sqrt(Arrays.stream(film.tiles().round(tile))
                        .mapToDouble(near -> squares[near])
                        .average()
                        .orElseThrow()))
                .toArray();
        return new Noise(most(film, shown), tiles);
    }

    /**
     * What every pixel of a film as it was traced may be off by, stops: by the difference of its earlier and its later samples. By the slope alone,
     * so that squares of it can be taken from squares of differences.
     */
    public static double[] ofHalves(Film film, Mix mix) {
        float[] half = film.halfDifference(mix, EnumSet.allOf(LightComponent.class));
        float[] linear = film.picture(mix).linear();
        return IntStream.range(0, half.length)
                .mapToDouble(pixel -> Math.abs(half[pixel]) / Math.max(DARKEST, linear[3 * pixel + 1]) / PER_STOP)
                .toArray();
    }

    private static double most(Film film, Denoiser.Shown shown) {
        int[] counts = new int[BINS];
        int all = 0;
        for (int row = 0; row < film.height(); row += EVERY) {
            for (int column = 0; column < film.width(); column += EVERY) {
                double stops = stops(shown, row * film.width() + column);
                if (Double.isNaN(stops)) {
                    return Double.POSITIVE_INFINITY;
                }
                counts[bin(stops)]++;
                all++;
            }
        }
        // each pixel is off by chance, by the normal distribution
        double least = LEAST;
        double most = 2 * value(BINS - 1);
        while (most / least > 1 + BISECTED) {
            double middle = Math.sqrt(least * most);
            if (beyond(counts, middle) > (1 - SHARE) * all) {
                least = middle;
            } else {
                most = middle;
            }
        }
        return most;
    }

    private static int bin(double stops) {
        return (int) Math.max(0, Math.min(BINS - 1, Math.round(Math.log(stops / LEAST) / WIDTH)));
    }

    private static double value(int bin) {
        return LEAST * Math.exp(bin * WIDTH);
    }

    /** How many pixels are off by more. */
    private static double beyond(int[] counts, double stops) {
        double sum = 0;
        for (int bin = 0; bin < BINS; bin++) {
            sum += counts[bin] == 0 ? 0 : counts[bin] * Erf.erfc(stops / value(bin) / Math.sqrt(2));
        }
        return sum;
    }

    private static double square(Film film, Denoiser.Shown shown, int tile) {
        double sum = 0;
        for (int row = film.tiles().top(tile); row < film.tiles().bottom(tile); row++) {
            for (int column = film.tiles().left(tile); column < film.tiles().right(tile); column++) {
                double stops = stops(shown, row * film.width() + column);
                sum += stops * stops;
            }
        }
        // with too few samples nothing is known
        return Double.isNaN(sum)
                ? Double.POSITIVE_INFINITY
                : sum
                        / (film.tiles().bottom(tile) - film.tiles().top(tile))
                        / (film.tiles().right(tile) - film.tiles().left(tile));
    }

    private static double stops(Denoiser.Shown shown, int pixel) {
        return stops(shown.error()[pixel], shown.picture().linear()[3 * pixel + 1]);
    }

    /** Stops to what is lighter by an error: one that is as large as the light itself is one stop. */
    private static double stops(double error, double green) {
        return Math.log1p(error / Math.max(DARKEST, green)) / PER_STOP;
    }
}
