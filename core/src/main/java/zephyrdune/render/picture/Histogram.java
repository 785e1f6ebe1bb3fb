package zephyrdune.render.picture;

import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.exposure.Srgb;
import zephyrdune.units.measure.Stops;

/**
 * How the tones of a picture are spread, in stops from mid grey, and what is lost at its ends.
 *
 * @param shares of the pixels in bins of {@link #BIN} stops from {@link #DARKEST} on
 * @param clipped share of pixels with a channel at its upper end
 * @param blocked share of pixels with every channel at 0 in 8-bit sRGB
 */
public record Histogram(double[] shares, double clipped, double blocked) {

    /** Width of a bin, stops. */
    public static final double BIN = 0.25;

    /** Where the first bin starts, stops from mid grey; what is darker counts there. */
    public static final double DARKEST = -8;

    private static final double BRIGHTEST = 3;

    public static Histogram of(Picture picture) {
        int bins = (int) Math.round((BRIGHTEST - DARKEST) / BIN);
        double[] shares = new double[bins];
        int pixels = picture.width() * picture.height();
        double clipped = 0;
        double blocked = 0;
        for (int pixel = 0; pixel < pixels; pixel++) {
            double stops = Stops.between(picture.luminance(pixel), CorrectExposure.MID_GREY);
            int bin = (int) Math.floor((stops - DARKEST) / BIN);
            shares[Math.max(0, Math.min(bins - 1, bin))] += 1.0 / pixels;
            clipped += clips(picture, pixel) ? 1.0 / pixels : 0;
            blocked += blocks(picture, pixel) ? 1.0 / pixels : 0;
        }
        return new Histogram(shares, clipped, blocked);
    }

    static boolean clips(Picture picture, int pixel) {
        float[] linear = picture.linear();
        return linear[3 * pixel] >= 1 || linear[3 * pixel + 1] >= 1 || linear[3 * pixel + 2] >= 1;
    }

    static boolean blocks(Picture picture, int pixel) {
        float[] linear = picture.linear();
        return Srgb.code(linear[3 * pixel]) == 0
                && Srgb.code(linear[3 * pixel + 1]) == 0
                && Srgb.code(linear[3 * pixel + 2]) == 0;
    }
}
