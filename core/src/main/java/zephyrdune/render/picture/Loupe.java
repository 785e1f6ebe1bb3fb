package zephyrdune.render.picture;

import zephyrdune.units.colour.Luminance;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Stops;

/**
 * What is under the pointer.
 *
 * @param tone of the place, stops from mid grey (18 %), the mean of the pixels round it
 * @param red linear pixel value; green and blue likewise
 * @param owner number of what is seen there; see {@link zephyrdune.render.trace.FirstHit#owner}
 */
public record Loupe(double tone, double red, double green, double blue, int owner) {

    /** Linear value of the code value 1 of 255 in sRGB; what is darker counts as that. */
    private static final double DARKEST = 1 / 255.0 / 12.92;

    private static final int REACH = 1;

    /** @param across of the frame, 0 to 1 from the left; down likewise from the top */
    public static Loupe at(Film film, Mix mix, double across, double down) {
        int column = Math.max(0, Math.min(film.width() - 1, (int) (across * film.width())));
        int row = Math.max(0, Math.min(film.height() - 1, (int) (down * film.height())));
        double[] sum = new double[3];
        int count = 0;
        for (int y = Math.max(0, row - REACH); y <= Math.min(film.height() - 1, row + REACH); y++) {
            for (int x = Math.max(0, column - REACH); x <= Math.min(film.width() - 1, column + REACH); x++) {
                for (int channel = 0; channel < 3; channel++) {
                    for (int layer = 0; layer < film.layers(); layer++) {
                        sum[channel] += mix.weight(layer, channel) * film.mean(layer, y * film.width() + x, channel);
                    }
                }
                count++;
            }
        }
        double red = Math.max(0, sum[0] / count);
        double green = Math.max(0, sum[1] / count);
        double blue = Math.max(0, sum[2] / count);
        double tone = Stops.between(Math.max(DARKEST, Luminance.of(red, green, blue)), CorrectExposure.MID_GREY);
        return new Loupe(tone, red, green, blue, film.guides().owner()[row * film.width() + column]);
    }
}
