package zephyrdune.render.picture;

import java.util.Set;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Stops;

/**
 * How much brighter one set's picture is than another's, place by place, in stops; blacks count as the last step of an 8-bit
 * picture.
 *
 * @param stops row by row from the top, positive where the first is brighter
 */
public record Difference(int width, int height, float[] stops) {

    private static final int WIDTH = 180;

    /** A frame has noise of its own, and lies a little beside: so many pixels are taken together. */
    private static final int TOGETHER = 3;

    private static final int PASSES = 12;
    private static final double DARKEST = 1 / 255.0 / 12.92;

    /** The second is framed as the first is: both are compared pixel by pixel. */
    public static Difference of(TableSet first, TableSet second) {
        int height = height(first);
        return of(
                picture(first, Mix.of(first, Set.of()), height),
                picture(second, Mix.of(second, Set.of()), height),
                Double.POSITIVE_INFINITY);
    }

    /**
     * How much brighter a frame is than the picture of a set.
     *
     * @param light of the frame, linear, in any size
     * @param mix of the set's light
     * @param white the brightest that the frame can say: neither counts as brighter
     */
    public static Difference of(Picture light, TableSet set, Mix mix, double white) {
        int width = WIDTH / TOGETHER;
        int height = Math.max(1, height(set) / TOGETHER);
        Picture predicted = picture(set, mix, height(set));
        return of(reduced(light, width, height), reduced(predicted, width, height), white);
    }

    private static int height(TableSet set) {
        return (int) Math.max(
                1, Math.round(WIDTH * set.camera().sensorHeight() / set.camera().sensorWidth()));
    }

    private static Difference of(Picture one, Picture other, double white) {
        float[] stops = new float[one.width() * one.height()];
        for (int pixel = 0; pixel < stops.length; pixel++) {
            stops[pixel] =
                    (float) Stops.between(within(one.luminance(pixel), white), within(other.luminance(pixel), white));
        }
        return new Difference(one.width(), one.height(), stops);
    }

    private static double within(double light, double white) {
        return Math.max(DARKEST, Math.min(white, light));
    }

    /** The mean of what lies in each of its pixels. */
    private static Picture reduced(Picture picture, int width, int height) {
        float[] sums = new float[3 * width * height];
        int[] counts = new int[width * height];
        for (int row = 0; row < picture.height(); row++) {
            for (int column = 0; column < picture.width(); column++) {
                int cell = row * height / picture.height() * width + column * width / picture.width();
                counts[cell]++;
                for (int channel = 0; channel < 3; channel++) {
                    sums[3 * cell + channel] += (float) picture.at(column, row, channel);
                }
            }
        }
        for (int i = 0; i < sums.length; i++) {
            sums[i] /= Math.max(1, counts[i / 3]);
        }
        return new Picture(width, height, sums);
    }

    private static Picture picture(TableSet set, Mix mix, int height) {
        Film film = new Film(set, WIDTH, height, false);
        for (int pass = 0; pass < PASSES; pass++) {
            film.wholePass(SampleBudget.USUAL);
        }
        return Denoiser.of(film, mix);
    }
}
