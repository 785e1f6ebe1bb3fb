package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * How far a picture may still be from what it is becoming, in stops: by half the difference of its odd and its even samples, which estimates
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

    /** Pixels are looked at in every so many columns and rows for the share of all. */
    private static final int EVERY = 2;

    /** Of the noisiest of the tiles; zero where nothing is known of any. */
    double worst() {
        return Arrays.stream(tiles).max().orElse(0);
    }

    static Noise of(Film film, Denoiser.Shown shown) {
        double[] squares = IntStream.range(0, film.tiles())
                .parallel()
                .mapToDouble(tile -> square(film, shown, tile))
                .toArray();
        double[] tiles = IntStream.range(0, squares.length)
                .mapToDouble(tile -> Math.sqrt(Arrays.stream(film.round(tile))
                        .mapToDouble(near -> squares[near])
                        .average()
                        .orElseThrow()))
                .toArray();
        return new Noise(most(film, shown), tiles);
    }

    private static double most(Film film, Denoiser.Shown shown) {
        int columns = (film.width() + EVERY - 1) / EVERY;
        int rows = (film.height() + EVERY - 1) / EVERY;
        double[] stops = new double[columns * rows];
        for (int i = 0; i < stops.length; i++) {
            int pixel = i / columns * EVERY * film.width() + i % columns * EVERY;
            stops[i] = Math.abs(stops(shown, pixel));
            if (Double.isNaN(stops[i])) {
                return Double.POSITIVE_INFINITY;
            }
        }
        Arrays.sort(stops);
        return stops[(int) (SHARE * (stops.length - 1))];
    }

    private static double square(Film film, Denoiser.Shown shown, int tile) {
        double sum = 0;
        for (int row = film.top(tile); row < film.bottom(tile); row++) {
            for (int column = film.left(tile); column < film.right(tile); column++) {
                double stops = stops(shown, row * film.width() + column);
                sum += stops * stops;
            }
        }
        // with too few samples nothing is known
        return Double.isNaN(sum)
                ? Double.POSITIVE_INFINITY
                : sum / (film.bottom(tile) - film.top(tile)) / (film.right(tile) - film.left(tile));
    }

    private static double stops(Denoiser.Shown shown, int pixel) {
        double green = shown.picture().linear()[3 * pixel + 1];
        return shown.error()[pixel] / Math.max(DARKEST, green) / PER_STOP;
    }
}
