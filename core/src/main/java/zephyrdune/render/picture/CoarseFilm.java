package zephyrdune.render.picture;

import java.util.Set;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.TableSet;

/** The layers of a coarse picture, for its tones: mixed anew for other settings of the camera and other power. */
public final class CoarseFilm {

    private static final int WIDTH = 48;
    private static final int PASSES = 4;

    private final Film film;

    public CoarseFilm(TableSet set) {
        double aspect = set.camera().sensorHeight() / set.camera().sensorWidth();
        int height = (int) Math.max(2, Math.min(2.0 * WIDTH, Math.round(WIDTH * aspect)));
        film = new Film(set, WIDTH, height, false);
        for (int pass = 0; pass < PASSES; pass++) {
            film.wholePass(SampleBudget.USUAL);
        }
    }

    /** The tones of the same set, but for power, exposure and white balance. */
    public Histogram tones(TableSet set) {
        return Histogram.of(film.picture(Mix.of(set, Set.of())));
    }
}
