package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.testng.annotations.Test;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.surface.Surface;

public class CameraRaysTest {

    private static final int WIDTH = 60;
    private static final int HEIGHT = 40;

    /** From above a round bowl's outline is as far left as right, row by row: where pixels show their middles at once, elsewhere by chance only. */
    @Test
    public void theFirstLookHasEvenEdges() {
        assertThat(unlike(true)).isZero();
        assertThat(unlike(false)).isGreaterThan(3);
    }

    /** Pixels that show the bowl where their mirror images do not, or the other way round. */
    private static long unlike(boolean centred) {
        TableSet soup = Sets.chowder();
        TableSet set = soup.withTableTop(Sets.endless(Surface.GREY_PAPER))
                .withCamera(new Camera(
                        CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, soup.camera().subjectDistance()));
        Film film = new Film(set, WIDTH, HEIGHT, false, centred);
        film.pass(SampleBudget.FIRST, () -> false);
        int[] owner = film.guides().owner();
        int bowl = owner[HEIGHT / 2 * WIDTH + WIDTH / 2];
        return IntStream.range(0, WIDTH * HEIGHT)
                .filter(pixel -> owner[pixel] == bowl != (owner[pixel + WIDTH - 1 - 2 * (pixel % WIDTH)] == bowl))
                .count();
    }
}
