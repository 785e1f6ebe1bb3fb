package zephyrdune.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.testng.annotations.Test;
import zephyrdune.table.Bowl;
import zephyrdune.table.Dish;
import zephyrdune.table.Drum;
import zephyrdune.table.Plate;
import zephyrdune.table.Sets;
import zephyrdune.table.Surface;

/** Rays against dishes, in cases that analytic geometry answers. */
public class SolidTest {

    private static Hit meet(Solid solid, double[] from, double[] way) {
        Hit hit = new Hit();
        hit.clear(Scene.FARTHEST);
        solid.meet(from[0], from[1], from[2], way[0], way[1], way[2], 0, hit);
        return hit;
    }

    @Test
    public void cylinder() {
        Solid drum = DishBody.of(new Drum(0.2, 0.2, 0.3, Surface.CREAM, Surface.CLAY));
        Hit side = meet(drum, new double[] {-1, 0.06, 0.1}, new double[] {1, 0, 0});
        assertThat(side.distance).isCloseTo(1 - 0.08, within(1e-12)); // 0.06² + 0.08² = 0.1²
        assertThat(side.nx).isCloseTo(-0.8, within(1e-12));
        assertThat(side.ny).isCloseTo(0.6, within(1e-12));
        assertThat(side.surface).isEqualTo(Surface.CREAM);
        Hit lid = meet(drum, new double[] {0.05, 0, 1}, new double[] {0, 0, -1});
        assertThat(lid.distance).isCloseTo(0.7, within(1e-12));
        assertThat(lid.nz).isEqualTo(1);
        assertThat(lid.surface).isEqualTo(Surface.CLAY);
        assertThat(meet(drum, new double[] {0.11, 0, 1}, new double[] {0, 0, -1})
                        .found(Scene.FARTHEST))
                .isFalse();
    }

    @Test
    public void cone() {
        Solid drum = DishBody.of(new Drum(0.2, 0.1, 0.1, Surface.CREAM, Surface.CREAM));
        // half way up, the radius is half way between
        Hit side = meet(drum, new double[] {0, -1, 0.05}, new double[] {0, 1, 0});
        assertThat(side.distance).isCloseTo(1 - 0.075, within(1e-12));
        assertThat(side.nz / -side.ny).isCloseTo(0.05 / 0.1, within(1e-12));
    }

    @Test
    public void block() {
        Solid block = DishBody.of(Sets.sliver());
        Hit top = meet(block, new double[] {0, 0, 1}, new double[] {0, 0, -1});
        assertThat(top.distance).isCloseTo(0.995, within(1e-12));
        assertThat(top.nz).isEqualTo(1);
        Hit side = meet(block, new double[] {1, 0.004, 0.002}, new double[] {-1, 0, 0});
        assertThat(side.distance).isCloseTo(0.99, within(1e-12));
        assertThat(side.nx).isEqualTo(1);
    }

    @Test
    public void fillLevelIsWhatIsSeenFromAbove() {
        Solid bowl = DishBody.of(new Bowl(0.2, 0.1, Surface.CLAY, 0.8, Surface.CREAM));
        Hit level = meet(bowl, new double[] {0, 0.02, 1}, new double[] {0, 0, -1});
        assertThat(1 - level.distance).isCloseTo(0.08, within(1e-12));
        assertThat(level.surface).isEqualTo(Surface.CREAM);
    }

    /** The readings speak of the rims; the body must not reach beyond them, and must reach up to them. */
    @Test
    public void bodiesFillTheirRims() {
        Dish[] dishes = {
            new Bowl(0.2, 0.1, Surface.CLAY, 0.8, Surface.CREAM),
            new Plate(0.3, 0.02, Surface.CLAY, 0.1, 0.05, Surface.CREAM),
            new Drum(0.1, 0.08, 0.2, Surface.CREAM, Surface.CREAM),
            Sets.sliver()
        };
        for (Dish dish : dishes) {
            Solid body = DishBody.of(dish);
            double justUnder = dish.height() * (1 - 1e-9);
            Hit atTop = meet(body, new double[] {-5, 0, justUnder}, new double[] {1, 0, 0});
            assertThat(atTop.found(Scene.FARTHEST)).as(dish.toString()).isTrue();
            Hit above = meet(body, new double[] {-5, 0, dish.height() * (1 + 1e-9)}, new double[] {1, 0, 0});
            assertThat(above.found(Scene.FARTHEST)).as(dish.toString()).isFalse();
        }
    }

    @Test
    public void blockingAndMeetingAgree() {
        Random random = new Random(7);
        Solid bowl = DishBody.of(new Bowl(0.2, 0.1, Surface.CLAY, 0.8, Surface.CREAM));
        int met = 0;
        for (int i = 0; i < 20_000; i++) {
            double[] from = {random.nextGaussian() / 3, random.nextGaussian() / 3, random.nextDouble()};
            double[] to = {0.1 * random.nextGaussian(), 0.1 * random.nextGaussian(), 0.1 * random.nextDouble()};
            double length = Math.sqrt(
                    Math.pow(to[0] - from[0], 2) + Math.pow(to[1] - from[1], 2) + Math.pow(to[2] - from[2], 2));
            double[] way = {(to[0] - from[0]) / length, (to[1] - from[1]) / length, (to[2] - from[2]) / length};
            boolean found = meet(bowl, from, way).found(Scene.FARTHEST);
            assertThat(bowl.blocks(from[0], from[1], from[2], way[0], way[1], way[2], 0, Scene.FARTHEST))
                    .isEqualTo(found);
            met += found ? 1 : 0;
        }
        assertThat(met).isBetween(2_000, 19_000);
    }
}
