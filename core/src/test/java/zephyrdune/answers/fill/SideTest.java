package zephyrdune.answers.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.set.dish.Block;
import zephyrdune.set.surface.Surface;

/** Where lit and shadow side are read, on a block 20 x 10 x 6 cm: 2 mm off its face, half way up. */
public class SideTest {

    private static final Block BLOCK = new Block(0.2, 0.1, 0.06, Surface.GREY_PAPER);

    private static void at(double dx, double dy, double x, double y, Vector3D facing) {
        Side side = Side.of(BLOCK, dx, dy);
        assertThat(side.place().distance(Vector3D.of(x, y, 0.03))).isCloseTo(0, within(1e-9));
        assertThat(side.facing().distance(facing)).isCloseTo(0, within(1e-9));
    }

    @Test
    public void offTheFaceThatTheDirectionComesOutOf() {
        at(1, 0, 0.102, 0, Vector3D.Unit.PLUS_X);
        at(0, -1, 0, -0.052, Vector3D.Unit.MINUS_Y);
        // askew: 60 degrees from x the way comes out of the back, 0.05 / tan 60 to the right
        at(0.5, Math.sqrt(0.75), 0.05 / Math.sqrt(3), 0.052, Vector3D.Unit.PLUS_Y);
        // 20 degrees from x it comes out of the right side
        double angle = Math.toRadians(20);
        at(Math.cos(angle), Math.sin(angle), 0.102, 0.1 * Math.tan(angle), Vector3D.Unit.PLUS_X);
    }
}
