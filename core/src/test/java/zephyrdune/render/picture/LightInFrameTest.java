package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static zephyrdune.render.picture.FilmTest.direct;
import static zephyrdune.set.Sets.box;

import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;

/** The light in its own picture: seen, and counted. */
public class LightInFrameTest {

    @Test
    public void lightInTheFrameIsSeen() {
        // straight on, with the box low behind the dish: its face is clipped white
        TableSet set = Sets.chowder()
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.48))
                .withLight(box(0.2, 0.2, 12, 10, 0.7));
        Picture picture = direct(set, 60, 1, 4);
        boolean white = false;
        for (int row = 0; row < 20; row++) {
            white |= picture.at(30, row, 2) > 1;
        }
        assertThat(white).isTrue();
    }

    @Test
    public void lightInTheFrameIsCounted() {
        TableSet behind = Sets.chowder()
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.48))
                .withLight(box(0.2, 0.2, 12, 10, 0.7));
        assertThat(LightInFrame.of(behind).face()).isBetween(0.02, 0.5);
        assertThat(LightInFrame.of(behind).back()).isZero();
        // from 6 o'clock, between lens and dish: its back covers the middle of the frame
        TableSet before = Sets.lit(box(0.6, 0.6, 6, 45, 0.9));
        assertThat(LightInFrame.of(before).back()).isGreaterThan(0.9);
        assertThat(LightInFrame.of(Sets.chowder())).isEqualTo(new LightInFrame(0, 0));
    }
}
