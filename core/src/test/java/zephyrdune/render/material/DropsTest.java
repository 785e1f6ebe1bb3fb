package zephyrdune.render.material;

import static org.assertj.core.api.Assertions.assertThat;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.set.surface.Relief;

/** Drops on the outside of a cold glass. How wide and how steep they are is common practice, no published source. */
public class DropsTest {

    private static final int PLACES = 200;
    private static final double STEP = 2e-4;

    /** Along a line: level glass between drops, which are up to 4 mm wide; never steeper than two rims together. */
    @Test
    public void levelBetweenRoundDrops() {
        Grain grain = new Grain();
        Vector3D up = Vector3D.of(0, 0, 1);
        int level = 0;
        double steepest = 0;
        double sum = 0;
        double widest = 0;
        double wide = 0;
        for (int row = 0; row < PLACES; row++) {
            wide = 0;
            for (int column = 0; column < PLACES; column++) {
                grain.at(Relief.CONDENSATION, 100, column * STEP, row * STEP, 0.05, 0, 0, 1);
                Vector3D normal = Vector3D.of(grain.nx(), grain.ny(), grain.nz());
                double lean = Math.acos(Math.min(1, normal.dot(up)));
                boolean bare = lean < 1e-9;
                level += bare ? 1 : 0;
                steepest = Math.max(steepest, lean);
                sum += grain.nx();
                wide = bare ? 0 : wide + STEP;
                widest = Math.max(widest, wide);
            }
        }
        double all = PLACES * PLACES;
        assertThat(level / all).isBetween(0.3, 0.8);
        assertThat(Math.toDegrees(steepest)).isBetween(20.0, 45.0);
        assertThat(Math.abs(sum / all)).as("as much one way as the other").isLessThan(0.02);
        assertThat(widest).isBetween(0.002, 0.015);
        assertThat(grain.tone(Relief.CONDENSATION)).isEqualTo(1);
    }

    /** In a first look a drop is a pixel or two: it would be noise, so the glass is smooth; with more pixels it leans ever more. */
    @Test
    public void dropsThatNoPixelsShowAreLeftOut() {
        Grain grain = new Grain();
        double before = -1;
        for (double pixels : new double[] {1, 2, 4, 6}) {
            double most = 0;
            for (int column = 0; column < PLACES; column++) {
                grain.at(Relief.CONDENSATION, pixels, column * STEP, 0.01, 0.05, 0, 0, 1);
                most = Math.max(most, Math.hypot(grain.nx(), grain.ny()));
            }
            if (pixels <= 2) {
                assertThat(most).isZero();
            } else {
                assertThat(most).isGreaterThan(1.2 * before);
            }
            before = most;
        }
    }
}
