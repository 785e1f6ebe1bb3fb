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
    private static final int PASSES = 12;
    private static final double DARKEST = 1 / 255.0 / 12.92;

    /** The second is framed as the first is: both are compared pixel by pixel. */
    public static Difference of(TableSet first, TableSet second) {
        int height = (int) Math.max(
                1,
                Math.round(
                        WIDTH * first.camera().sensorHeight() / first.camera().sensorWidth()));
        Picture one = picture(first, height);
        Picture other = picture(second, height);
        float[] stops = new float[WIDTH * height];
        for (int pixel = 0; pixel < stops.length; pixel++) {
            stops[pixel] = (float)
                    Stops.between(Math.max(DARKEST, one.luminance(pixel)), Math.max(DARKEST, other.luminance(pixel)));
        }
        return new Difference(WIDTH, height, stops);
    }

    private static Picture picture(TableSet set, int height) {
        Film film = new Film(set, WIDTH, height, false);
        for (int pass = 0; pass < PASSES; pass++) {
            film.wholePass(SampleBudget.USUAL);
        }
        return Denoiser.of(film, Mix.of(set, Set.of()));
    }
}
