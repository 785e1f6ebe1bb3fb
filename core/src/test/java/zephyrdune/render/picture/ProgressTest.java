package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

public class ProgressTest {

    private static final double ENOUGH = 0.3;

    private static final int WIDEST = 640;

    /** A strip of a frame, so that it is soon traced. */
    private final TableSet set = Sets.chowder()
            .withTableTop(Sets.endless(Surface.GREY_PAPER))
            .withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.004, 0.4));

    private final Mix mix = Mix.of(set, Set.of());

    /** Done is what is fine, has been looked at more than once everywhere, and is nowhere noisier than asked for. */
    @Test
    public void goesOnUntilItIsCleanEverywhere() {
        Progress progress = new Progress(set, false, new Progress.Quality(ENOUGH, WIDEST), () -> Long.MAX_VALUE);
        double before = 0;
        for (int step = 0; !progress.done(); step++) {
            assertThat(step).isLessThan(Progress.MOST_SAMPLES);
            progress.step(mix, () -> false);
            assertThat(progress.share()).isGreaterThanOrEqualTo(0.5 * before);
            before = progress.share();
        }
        Film film = progress.shown();
        assertThat(progress.shownStage()).isEqualTo(Progress.Stage.FINE);
        assertThat(film.width()).isEqualTo(WIDEST);
        assertThat(film.samples()).isGreaterThanOrEqualTo(Noise.LEAST_SAMPLES);
        Noise noise = Noise.of(film, Denoiser.shown(film, mix));
        assertThat(noise.most()).isLessThanOrEqualTo(ENOUGH);
        assertThat(noise.worst()).isLessThanOrEqualTo(ENOUGH);
        assertThat(progress.step(mix, () -> false))
                .as("there is nothing more to do")
                .isFalse();
        Film longer = new Film(set, film.width(), film.height(), false);
        for (int pass = 0; pass < 60; pass++) {
            longer.pass(SampleBudget.USUAL, () -> false);
        }
        assertThat(apart(progress.picture(mix), longer.picture(mix))).isLessThan(ENOUGH);
    }

    /** One that gets no wider than the picture in between needs none. */
    @Test
    public void aSmallPictureIsFineAfterTheFirstLook() {
        int small = 240;
        Progress progress = new Progress(set, false, new Progress.Quality(ENOUGH, small), () -> Long.MAX_VALUE);
        assertThat(progress.step(mix, () -> false)).isTrue();
        assertThat(progress.shownStage()).isEqualTo(Progress.Stage.COARSE);
        int first = progress.shown().width();
        assertThat(first).isLessThan(small);
        assertThat(progress.step(mix, () -> false)).isTrue();
        assertThat(progress.shownStage()).isEqualTo(Progress.Stage.FINE);
        assertThat(progress.shown().width()).isEqualTo(small);
    }

    @Test
    public void aWidePictureIsSharpBeforeItIsFine() {
        Progress progress = new Progress(set, false, new Progress.Quality(ENOUGH, WIDEST), () -> Long.MAX_VALUE);
        progress.step(mix, () -> false);
        int first = progress.shown().width();
        progress.step(mix, () -> false);
        assertThat(progress.shownStage()).isEqualTo(Progress.Stage.SHARPER);
        assertThat(progress.shown().width()).isBetween(first + 1, WIDEST - 1);
    }

    /** Root mean square of the stops between two pictures. */
    static double apart(Picture one, Picture other) {
        double sum = 0;
        int pixels = one.width() * one.height();
        for (int pixel = 0; pixel < pixels; pixel++) {
            double stops = Stops.between(Math.max(1e-3, one.luminance(pixel)), Math.max(1e-3, other.luminance(pixel)));
            sum += stops * stops;
        }
        return Math.sqrt(sum / pixels);
    }
}
