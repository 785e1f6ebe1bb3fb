package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.answers.finding.Told.found;
import static zephyrdune.answers.finding.Told.metres;
import static zephyrdune.set.Sets.box;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.LightInFrame;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;

/** What the camera sees that it should not, in frames whose geometry is plain. */
public class InFrameTest {

    /** Under a camera that looks straight down a light cannot be raised out of the frame: it goes up past the lens, no further. */
    @Test
    public void aLightUnderTheLensGoesUpPastIt() {
        TableSet set = Sets.lit(box(0.1, 0.1, 12, 89, 0.7))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, 0.6));
        Finding found = found(set, Finding.Kind.LIGHT_IN_FRAME);
        assertThat(found.action()).startsWith("Move it back by ");
        TableSet moved = found.tried().orElseThrow();
        double by = metres(found.action());
        assertThat(moved.light().distance()).isCloseTo(0.7 + by, within(1e-5));
        double lens = Perspective.of(set).eye().getZ();
        assertThat(0.7 + by).isBetween(lens - 0.02, lens + 0.06);
        assertThat(shown(moved)).isZero();
        assertThat(shown(set.withLight(set.light().withDistance(0.7 + by - 0.02))))
                .isPositive();
    }

    private static double shown(TableSet set) {
        LightInFrame seen = LightInFrame.of(set);
        return seen.face() + seen.back();
    }

    @DataProvider
    Object[][] sides() {
        return new Object[][] {{3}, {6}, {9}, {12}};
    }

    /** In a frame three metres wide the upright of every stand shows that stands beside the table; over it hangs a boom. */
    @Test(dataProvider = "sides")
    public void aStandOnEachSide(int hours) {
        TableSet wide = Sets.lit(box(0.2, 0.2, hours, 60, 1))
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 3));
        double near = 0.3;
        TableSet beside = wide.withTableTop(new TableTop(
                Surface.PALE_WOOD,
                hours == 9 ? near : 1,
                hours == 3 ? near : 1,
                hours == 12 ? near : 1,
                hours == 6 ? near : 1));
        assertThat(Finding.of(beside, Finding.Kind.STAND_IN_FRAME)).isPresent();
        TableSet over = wide.withTableTop(new TableTop(Surface.PALE_WOOD, 1, 1, 1, 1));
        assertThat(Finding.of(over, Finding.Kind.STAND_IN_FRAME)).isEmpty();
    }

    /** Above and beside the frame, and behind the camera, a stand is no matter. */
    @Test
    public void aStandOutOfTheFrame() {
        TableTop small = new TableTop(Surface.PALE_WOOD, 0.3, 0.3, 0.3, 0.3);
        for (double hours : new double[] {3, 9, 6}) {
            TableSet set = Sets.lit(box(0.2, 0.2, hours, 30, 2.2))
                    .withTableTop(small)
                    .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.6));
            assertThat(Finding.of(set, Finding.Kind.STAND_IN_FRAME))
                    .as("%s", hours)
                    .isEmpty();
        }
    }
}
