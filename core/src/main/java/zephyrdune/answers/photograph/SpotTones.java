package zephyrdune.answers.photograph;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.colour.Chromaticity;
import zephyrdune.units.colour.Luminance;
import zephyrdune.units.colour.Mired;
import zephyrdune.units.colour.WhiteBalance;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Stops;

/** How bright the parts of a photograph are, as light: sRGB undone. */
final class SpotTones {

    /** Half width of what is looked at round a mark, picture widths. */
    private static final double REACH = 0.008;

    private static final double MOST_CLIPPED = 0.02;
    /** Darker than this is the end of 8 bits. */
    private static final double DARKEST = 0.0004;

    private static final WhiteBalance WHITE = new WhiteBalance(6504);

    private final Map<ToneSpot.Part, Tone> parts = new EnumMap<>(ToneSpot.Part.class);

    SpotTones(Picture picture, List<ToneSpot> spots) {
        for (ToneSpot.Part part : ToneSpot.Part.values()) {
            spots.stream()
                    .filter(spot -> spot.part() == part)
                    .map(spot -> Tone.of(picture, spot.mark()))
                    .reduce(Tone::and)
                    .ifPresent(tone -> parts.put(part, tone));
        }
    }

    /**
     * Mean light of a small patch.
     *
     * @param linear red, green, blue
     * @param spots that it is the mean of
     */
    private record Tone(double[] linear, boolean clipped, int spots) {

        static Tone of(Picture picture, Mark mark) {
            int reach = Math.max(1, (int) Math.round(REACH * picture.width()));
            int column = clamp((int) (mark.across() * picture.width()), picture.width());
            int row = clamp((int) (mark.down() * picture.height()), picture.height());
            double[] sum = new double[3];
            int count = 0;
            int clipped = 0;
            for (int y = Math.max(0, row - reach); y <= Math.min(picture.height() - 1, row + reach); y++) {
                for (int x = Math.max(0, column - reach); x <= Math.min(picture.width() - 1, column + reach); x++) {
                    for (int channel = 0; channel < 3; channel++) {
                        sum[channel] += picture.at(x, y, channel);
                    }
                    clipped += picture.full(x, y) ? 1 : 0;
                    count++;
                }
            }
            for (int channel = 0; channel < 3; channel++) {
                sum[channel] /= count;
            }
            return new Tone(sum, clipped > MOST_CLIPPED * count, 1);
        }

        Tone and(Tone other) {
            double[] mean = new double[3];
            for (int i = 0; i < 3; i++) {
                mean[i] = (linear[i] * spots + other.linear[i] * other.spots) / (spots + other.spots);
            }
            return new Tone(mean, clipped || other.clipped, spots + other.spots);
        }

        double luminance() {
            return Math.max(DARKEST, Luminance.of(linear[0], linear[1], linear[2]));
        }
    }

    private static int clamp(int value, int size) {
        return Math.max(0, Math.min(size - 1, value));
    }

    /** Light between pixels; beyond the picture that of its border. */
    static double luminance(Picture picture, double across, double down) {
        return Luminance.of(
                picture.between(across, down, 0), picture.between(across, down, 1), picture.between(across, down, 2));
    }

    boolean has(ToneSpot.Part part) {
        return parts.containsKey(part);
    }

    /** Whether a part is as bright as the file can say, or brighter. */
    boolean clipped(ToneSpot.Part part) {
        return has(part) && parts.get(part).clipped;
    }

    /** Stops from mid grey. */
    OptionalDouble fromGrey(ToneSpot.Part part) {
        return told(part)
                ? OptionalDouble.of(Stops.between(parts.get(part).luminance(), CorrectExposure.MID_GREY))
                : OptionalDouble.empty();
    }

    /** Stops that one part is brighter than another. */
    OptionalDouble between(ToneSpot.Part brighter, ToneSpot.Part darker) {
        return told(brighter) && told(darker)
                ? OptionalDouble.of(Stops.between(
                        parts.get(brighter).luminance(), parts.get(darker).luminance()))
                : OptionalDouble.empty();
    }

    private boolean told(ToneSpot.Part part) {
        return has(part) && !clipped(part);
    }

    /** How much warmer the light in the shadow is than beside it on the same table, mired: its own colour falls out of the ratio. */
    OptionalDouble shadeTint() {
        if (!told(ToneSpot.Part.LIT_TABLE) || !told(ToneSpot.Part.SHADED_TABLE)) {
            return OptionalDouble.empty();
        }
        double[] ratio = new double[3];
        for (int i = 0; i < 3; i++) {
            ratio[i] = parts.get(ToneSpot.Part.SHADED_TABLE).linear[i] / parts.get(ToneSpot.Part.LIT_TABLE).linear[i];
        }
        OptionalDouble kelvin = WHITE.light(ratio).temperature();
        return kelvin.isEmpty()
                ? kelvin
                : OptionalDouble.of(Mired.of(kelvin.getAsDouble())
                        - Mired.of(Chromaticity.D65.temperature().orElseThrow()));
    }
}
