package zephyrdune.answers.tone;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.colour.Luminance;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.exposure.Srgb;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * What light each 8-bit code of a camera's files stands for, as a linear value. The code that is mid grey by sRGB is so by every curve (the
 * standard output sensitivity of ISO 12232:2006 makes 18 % code 118, from memory).
 *
 * @param linear for each code, the darkest first; every one brighter than the one before
 */
public record ToneCurve(List<Double> linear) {

    /** Codes of eight bits. */
    public static final int CODES = 256;

    /** The code that every curve has the same light for. */
    static final int MID_GREY = 118;

    /** As files say of themselves that they are to be read. */
    public static final ToneCurve SRGB = new ToneCurve(IntStream.range(0, CODES)
            .mapToObj(code -> Srgb.decode(code / (CODES - 1.0)))
            .toList());

    public ToneCurve {
        linear = List.copyOf(linear);
        if (linear.size() != CODES) {
            throw new Refused("linear", "A tone curve has %d values, one for each code".formatted(CODES));
        }
        for (int code = 1; code < CODES; code++) {
            if (!(linear.get(code) > linear.get(code - 1)) || !(linear.get(0) >= 0)) {
                throw new Refused("linear", "A tone curve rises from every code to the next, from nothing or more");
            }
        }
    }

    /** Light of a code. */
    public double of(int code) {
        return linear.get(code);
    }

    /** Light of a code, stops from mid grey. */
    public double stops(int code) {
        return Stops.between(of(code), CorrectExposure.MID_GREY);
    }

    /** The brightest light that can be told. */
    public double white() {
        return linear.get(CODES - 1);
    }

    /** Luminance of a pixel of a file that was read as if it were sRGB. */
    public double luminance(Picture read, int pixel) {
        return Luminance.of(
                meant(read.linear()[3 * pixel]),
                meant(read.linear()[3 * pixel + 1]),
                meant(read.linear()[3 * pixel + 2]));
    }

    /** Light of a value that was read as if it were sRGB. */
    private double meant(double read) {
        return between((CODES - 1) * Srgb.encode(read));
    }

    /** Light of a picture that was read as if it were sRGB. */
    public Picture light(Picture read) {
        float[] light = new float[read.linear().length];
        for (int i = 0; i < light.length; i++) {
            light[i] = (float) meant(read.linear()[i]);
        }
        return new Picture(read.width(), read.height(), light);
    }

    /** A picture as a file by this curve has it: whoever takes the file for sRGB reads these values. */
    public Picture written(Picture light) {
        double[] values = values();
        float[] written = new float[light.linear().length];
        for (int i = 0; i < written.length; i++) {
            double value = light.linear()[i];
            int above = Arrays.binarySearch(values, value);
            written[i] = (float) SRGB.between(above >= 0 ? above : place(values, -above - 1, value));
        }
        return new Picture(light.width(), light.height(), written);
    }

    private static double place(double[] values, int above, double value) {
        if (above == 0) {
            return 0;
        }
        return above == CODES
                ? CODES - 1
                : above - 1 + (value - values[above - 1]) / (values[above] - values[above - 1]);
    }

    /** Light between two codes. */
    private double between(double code) {
        int under = (int) Math.min(CODES - 2.0, code);
        return of(under) + (code - under) * (of(under + 1) - of(under));
    }

    private double[] values() {
        return linear.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
