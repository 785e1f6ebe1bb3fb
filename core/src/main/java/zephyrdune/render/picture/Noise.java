package zephyrdune.render.picture;

/**
 * How far a picture may still be from what it is becoming: the scatter between its odd and its even samples, in stops.
 *
 * <p>Half the difference of the two halves' means estimates the error of the whole's (H. Dammertz and others, A hierarchical
 * automatic stopping condition for Monte Carlo global illumination, WSCG 2010); the root of its mean square is stated. What is
 * darker than the last step of an 8-bit picture counts as if it were that bright.
 */
public final class Noise {

    /** Below so many samples nothing can be said. */
    static final int LEAST_SAMPLES = 2;

    /** Linear value of the code value 1 of 255 in sRGB, IEC 61966-2-1. */
    private static final double DARKEST = 1 / 255.0 / 12.92;

    private static final double PER_STOP = Math.log(2);

    private Noise() {}

    /** Noise of a picture; infinite as long as there are too few samples. */
    public static double of(Film film, Mix mix) {
        double sum = 0;
        int counted = 0;
        for (int tile = 0; tile < film.tiles(); tile++) {
            if (film.samples(tile) < LEAST_SAMPLES) {
                return Double.POSITIVE_INFINITY;
            }
            int pixels = (film.bottom(tile) - film.top(tile)) * (film.right(tile) - film.left(tile));
            sum += square(film, mix, tile) * pixels;
            counted += pixels;
        }
        return Math.sqrt(sum / counted);
    }

    static double ofTile(Film film, Mix mix, int tile) {
        return Math.sqrt(square(film, mix, tile));
    }

    private static double square(Film film, Mix mix, int tile) {
        double sum = 0;
        for (int row = film.top(tile); row < film.bottom(tile); row++) {
            for (int column = film.left(tile); column < film.right(tile); column++) {
                double stops = stops(film, mix, row * film.width() + column, film.samples(tile));
                sum += stops * stops;
            }
        }
        return sum / (film.bottom(tile) - film.top(tile)) / (film.right(tile) - film.left(tile));
    }

    private static double stops(Film film, Mix mix, int pixel, int samples) {
        double all = 0;
        double odd = 0;
        for (int layer = 0; layer < film.layers(); layer++) {
            double weight = mix.weight(layer, 1);
            if (weight != 0) {
                all += weight * film.mean(layer, pixel, 1);
                odd += weight * film.oddMean(layer, pixel);
            }
        }
        double even = (samples * all - samples / 2 * odd) / (samples - samples / 2);
        return (odd - even) / 2 / Math.max(DARKEST, all) / PER_STOP;
    }
}
