package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.DoubleStream;
import org.testng.annotations.Test;
import zephyrdune.render.material.Material;
import zephyrdune.set.Sets;
import zephyrdune.set.dish.Biscuit;
import zephyrdune.set.dish.Bottle;
import zephyrdune.set.dish.Bowl;
import zephyrdune.set.dish.Carton;
import zephyrdune.set.dish.Cloth;
import zephyrdune.set.dish.Condensation;
import zephyrdune.set.dish.Cup;
import zephyrdune.set.dish.Custard;
import zephyrdune.set.dish.Cutlery;
import zephyrdune.set.dish.CutleryPiece;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.dish.DropperBottle;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.dish.FilledRoll;
import zephyrdune.set.dish.Gateau;
import zephyrdune.set.dish.Heap;
import zephyrdune.set.dish.Jar;
import zephyrdune.set.dish.Loaf;
import zephyrdune.set.dish.Noodles;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.dish.Rolls;
import zephyrdune.set.dish.Salad;
import zephyrdune.set.dish.ServingBoard;
import zephyrdune.set.dish.Sorbet;
import zephyrdune.set.dish.SqueezeTube;
import zephyrdune.set.dish.Stack;
import zephyrdune.set.dish.Tart;
import zephyrdune.set.dish.Tin;
import zephyrdune.set.dish.TinLid;
import zephyrdune.set.dish.Watch;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/** Rays against dishes, in cases that analytic geometry answers. */
public class SolidTest {

    private static final double FARTHEST = 1e6;

    private static Ray ray(double[] from, double[] way) {
        Ray ray = new Ray();
        ray.set(from[0], from[1], from[2], way[0], way[1], way[2]);
        return ray;
    }

    private static Hit meet(Solid solid, double[] from, double[] way) {
        Hit hit = new Hit();
        hit.clear(FARTHEST);
        solid.meet(ray(from, way), hit);
        return hit;
    }

    private static Solid body(Dish dish) {
        return Bodies.of(dish).opaque();
    }

    @Test
    public void cylinder() {
        Solid drum = body(new Drum(0.2, 0.2, 0.3, Surface.CREAM, Surface.CLAY));
        Hit side = meet(drum, new double[] {-1, 0.06, 0.1}, new double[] {1, 0, 0});
        assertThat(side.distance).isCloseTo(1 - 0.08, within(1e-12)); // 0.06² + 0.08² = 0.1²
        assertThat(side.nx).isCloseTo(-0.8, within(1e-12));
        assertThat(side.ny).isCloseTo(0.6, within(1e-12));
        assertThat(side.material).isEqualTo(Material.of(Surface.CREAM));
        Hit lid = meet(drum, new double[] {0.05, 0, 1}, new double[] {0, 0, -1});
        assertThat(lid.distance).isCloseTo(0.7, within(1e-12));
        assertThat(lid.nz).isEqualTo(1);
        assertThat(lid.material).isEqualTo(Material.of(Surface.CLAY));
        assertThat(meet(drum, new double[] {0.11, 0, 1}, new double[] {0, 0, -1}).material)
                .isNull();
    }

    @Test
    public void cone() {
        Solid drum = body(new Drum(0.2, 0.1, 0.1, Surface.CREAM, Surface.CREAM));
        // half way up, the radius is half way between
        Hit side = meet(drum, new double[] {0, -1, 0.05}, new double[] {0, 1, 0});
        assertThat(side.distance).isCloseTo(1 - 0.075, within(1e-12));
        assertThat(side.nz / -side.ny).isCloseTo(0.05 / 0.1, within(1e-12));
    }

    @Test
    public void block() {
        Solid block = body(Sets.sliver());
        Hit top = meet(block, new double[] {0, 0, 1}, new double[] {0, 0, -1});
        assertThat(top.distance).isCloseTo(0.995, within(1e-12));
        assertThat(top.nz).isEqualTo(1);
        Hit side = meet(block, new double[] {1, 0.004, 0.002}, new double[] {-1, 0, 0});
        assertThat(side.distance).isCloseTo(0.99, within(1e-12));
        assertThat(side.nx).isEqualTo(1);
    }

    @Test
    public void fillLevelIsWhatIsSeenFromAbove() {
        Solid bowl = body(new Bowl(0.2, 0.1, Surface.CLAY, 0.8, Surface.CREAM));
        Hit level = meet(bowl, new double[] {0, 0.02, 1}, new double[] {0, 0, -1});
        assertThat(1 - level.distance).isCloseTo(0.08, within(1e-12));
        assertThat(level.material).isEqualTo(Material.of(Surface.CREAM));
    }

    /** One of every kind, in usual sizes; the numbers are invented. */
    static Dish[] everyKind() {
        return new Dish[] {
            new Bowl(0.2, 0.1, Surface.CLAY, 0.8, Surface.CREAM),
            new Plate(0.3, 0.02, Surface.CLAY, 0.1, 0.05, Surface.CREAM),
            new Drum(0.1, 0.08, 0.2, Surface.CREAM, Surface.CREAM),
            Sets.sliver(),
            new Stack(0.11, 0.1, 0.13, 0.011, 1, Surface.RYE_CRUST),
            new Tart(0.24, 0.03, Surface.BAKED_PASTRY, Surface.ALMOND_FILLING, Surface.PEAR),
            new Custard(0.085, 0.07, 0.055, 0.5, Surface.BLACK_SESAME),
            new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.7, Medium.CORDIAL, 0.8),
            new Bottle(
                    0.075,
                    0.25,
                    Medium.CLEAR_GLASS,
                    0.6,
                    Medium.CORDIAL,
                    0.26,
                    Surface.LABEL_PAPER,
                    Condensation.DROPS),
            new Tin(0.11, 0.076, 0.024, Surface.STEEL, Surface.FISH_SKIN, TinLid.OFF),
            new Tin(0.11, 0.076, 0.024, Surface.STEEL, Surface.FISH_SKIN, TinLid.CLOSED),
            new Jar(0.08, 0.1, Medium.CLEAR_GLASS, 0.75, Surface.PRESERVE, Surface.BRASS),
            new Loaf(0.2, 0.11, 0.09, Surface.BAKED_PASTRY, Surface.BREAD_CRUMB),
            new Heap(0.09, 0.035, Surface.GREEN_LEAF),
            new Biscuit(0.05, 0.008, Surface.BAKED_PASTRY),
            new Cutlery(CutleryPiece.SPOON, 0.18, Surface.STEEL),
            new Cutlery(CutleryPiece.FORK, 0.18, Surface.STEEL),
            new Cutlery(CutleryPiece.KNIFE, 0.18, Surface.STEEL),
            new ServingBoard(0.3, 0.2, 0.02, Surface.PALE_WOOD),
            new Cloth(0.3, 0.2, Surface.LINEN),
            new Cup(0.09, 0.065, Surface.WHITE_CERAMIC, 0.85, Surface.COFFEE),
            new Gateau(0.18, 0.08, 0.025, 0.7, Surface.CHOCOLATE, Surface.BREAD_CRUMB, Surface.CREAM),
            new Gateau(0.2, 0.07, 0.07, 0, Surface.CREAM, Surface.CREAM, Surface.CREAM),
            new Salad(0.24, 0.08, Surface.WHITE_CERAMIC, 0.04, Surface.GREEN_LEAF),
            new Carton(0.08, 0.05, 0.14, Surface.PRINTED_CARD, 0.4, Surface.LABEL_PAPER),
            new Noodles(0.19, 0.08, Surface.DARK_STONEWARE, Surface.BROTH, 0.004, 0.015, Surface.NOODLE),
            new Sorbet(0.14, 0.06, Surface.WHITE_CERAMIC, 0.05, Surface.SORBET),
            new Sorbet(0.07, 0.04, Surface.WHITE_CERAMIC, 0.06, Surface.SORBET),
            new Rolls(0.35, 0.3, 0.02, Surface.PALE_WOOD, 0.09, 0.055, Surface.BREAD_CRUST),
            new FilledRoll(
                    0.11, 0.085, Surface.BREAD_CRUST, Surface.BREAD_CRUMB, Surface.GREEN_LEAF, Surface.CHOCOLATE),
            new DropperBottle(
                    0.035, 0.1, Medium.AMBER_GLASS, 0.8, Medium.OIL, Surface.BLACK_RUBBER, 0.7, Surface.LABEL_PAPER),
            new SqueezeTube(0.04, 0.15, Surface.CREAM, Surface.BLACK_RUBBER, 0.4, Surface.PRINTED_CARD),
            new Watch(0.042, 0.009, Surface.STEEL, Surface.WHITE_CERAMIC, Surface.BLACK_RUBBER)
        };
    }

    private static boolean met(Body body, double[] from, double[] way) {
        return body.opaque() != null && meet(body.opaque(), from, way).material != null
                || body.clear() != null && meet(body.clear(), from, way).material != null;
    }

    /** The readings speak of the rims; the body must not reach beyond them, and must reach up to them. */
    @Test
    public void bodiesFillTheirRims() {
        for (Dish dish : everyKind()) {
            Body body = Bodies.of(dish);
            double reached = 0;
            double across = 0;
            for (int i = -200; i <= 200; i++) {
                double y = i / 200.0 * dish.radius();
                for (double level : levels(dish)) {
                    if (met(body, new double[] {-5, y, level}, new double[] {1, 0, 0})) {
                        reached = Math.max(reached, level / dish.height());
                        across = Math.max(across, Math.abs(y));
                    }
                }
                assertThat(met(body, new double[] {-5, y, dish.height() * (1 + 1e-6)}, new double[] {1, 0, 0}))
                        .as("above " + dish)
                        .isFalse();
                double outside = dish.radius() * (1 + 1e-6);
                assertThat(met(body, new double[] {outside, 5 * y, dish.height() / 3}, new double[] {0, 0, 1}))
                        .as("beside " + dish)
                        .isFalse();
            }
            assertThat(reached).as("top of " + dish).isGreaterThanOrEqualTo(0.9);
            double deep = dish.out(0, 1);
            assertThat(across).as("depth of " + dish).isBetween(0.85 * deep, deep * (1 + 1e-6));
        }
    }

    /** All over its height, and just under each of its rims. */
    private static double[] levels(Dish dish) {
        return DoubleStream.concat(
                        DoubleStream.of(0.02, 0.1, 0.2, 0.35, 0.4, 0.5, 0.7, 0.9, 0.97, 0.999)
                                .map(share -> share * dish.height()),
                        dish.rims().stream().mapToDouble(rim -> 0.999 * rim.height()))
                .toArray();
    }

    /** A quick test for blocking has to say what the full search for the nearest hit says, and what boxes and balls cut off. */
    @Test
    public void blockingAndMeetingAgree() {
        Random random = new Random(7);
        for (Dish dish : everyKind()) {
            Body body = Bodies.of(dish).moved(0.01, -0.02, 0.003, 0.4);
            for (Solid solid : new Solid[] {body.opaque(), body.clear()}) {
                if (solid != null) {
                    assertThat(agreeing(solid, random, dish.radius(), dish.height()))
                            .as(dish.toString())
                            .isGreaterThan(50);
                }
            }
        }
    }

    private static int agreeing(Solid solid, Random random, double radius, double height) {
        int met = 0;
        Bounds bounds = solid.bounds();
        Ball ball = solid.ball();
        for (int i = 0; i < 3000; i++) {
            double[] from = {random.nextGaussian() / 3, random.nextGaussian() / 3, random.nextDouble()};
            double[] to = {
                radius * random.nextGaussian() / 2, radius * random.nextGaussian() / 2, height * random.nextDouble()
            };
            double length = Math.sqrt(
                    Math.pow(to[0] - from[0], 2) + Math.pow(to[1] - from[1], 2) + Math.pow(to[2] - from[2], 2));
            double[] way = {(to[0] - from[0]) / length, (to[1] - from[1]) / length, (to[2] - from[2]) / length};
            Hit hit = meet(solid, from, way);
            assertThat(solid.blocks(ray(from, way), FARTHEST)).isEqualTo(hit.material != null);
            if (hit.material != null) {
                met++;
                double x = from[0] + hit.distance * way[0];
                double y = from[1] + hit.distance * way[1];
                double z = from[2] + hit.distance * way[2];
                assertThat(x).isBetween(bounds.lowX() - 1e-9, bounds.highX() + 1e-9);
                assertThat(y).isBetween(bounds.lowY() - 1e-9, bounds.highY() + 1e-9);
                assertThat(z).isBetween(bounds.lowZ() - 1e-9, bounds.highZ() + 1e-9);
                assertThat(Math.sqrt(Math.pow(x - ball.x(), 2) + Math.pow(y - ball.y(), 2) + Math.pow(z - ball.z(), 2)))
                        .isLessThanOrEqualTo(ball.radius() + 1e-9);
                assertThat(hit.nx * hit.nx + hit.ny * hit.ny + hit.nz * hit.nz).isCloseTo(1, within(1e-9));
            }
        }
        return met;
    }

    /** A ray that turns round where it left finds what it left: no gaps that light could leak through. */
    @Test
    public void clearVesselsAreClosed() {
        Random random = new Random(11);
        for (Dish dish : everyKind()) {
            Solid clear = Bodies.of(dish).clear();
            if (clear == null) {
                continue;
            }
            for (int i = 0; i < 4000; i++) {
                double turn = 2 * Math.PI * random.nextDouble();
                double[] from = {Math.cos(turn), Math.sin(turn), 1.5 * random.nextDouble()};
                double[] to = {0.03 * random.nextGaussian(), 0.03 * random.nextGaussian(), 0.1 * random.nextDouble()};
                double length = Math.sqrt(
                        Math.pow(to[0] - from[0], 2) + Math.pow(to[1] - from[1], 2) + Math.pow(to[2] - from[2], 2));
                double[] way = {(to[0] - from[0]) / length, (to[1] - from[1]) / length, (to[2] - from[2]) / length};
                int inside = 0;
                Ray ray = ray(from, way);
                Hit hit = new Hit();
                for (int boundary = 0; boundary < 40; boundary++) {
                    hit.clear(FARTHEST);
                    clear.meet(ray, hit);
                    if (hit.material == null) {
                        break;
                    }
                    boolean in = hit.nx * way[0] + hit.ny * way[1] + hit.nz * way[2] < 0;
                    Medium before = in ? hit.material.front() : hit.material.back();
                    Medium beyond = in ? hit.material.back() : hit.material.front();
                    assertThat(before != null).as(dish + " at " + hit.distance).isEqualTo(inside > 0);
                    inside = beyond != null ? 1 : 0;
                    double step = hit.distance + 1e-7;
                    ray.set(
                            ray.ox + step * way[0],
                            ray.oy + step * way[1],
                            ray.oz + step * way[2],
                            way[0],
                            way[1],
                            way[2]);
                }
                assertThat(inside).as(dish.toString()).isZero();
            }
        }
    }
}
