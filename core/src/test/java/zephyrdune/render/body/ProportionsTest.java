package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Biscuit;
import zephyrdune.set.dish.Bottle;
import zephyrdune.set.dish.Bowl;
import zephyrdune.set.dish.Custard;
import zephyrdune.set.dish.Cutlery;
import zephyrdune.set.dish.CutleryPiece;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.dish.Heap;
import zephyrdune.set.dish.Jar;
import zephyrdune.set.dish.Loaf;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.dish.Stack;
import zephyrdune.set.dish.Tart;
import zephyrdune.set.dish.Tin;
import zephyrdune.set.dish.TinLid;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/**
 * Dishes and products felt from above and from the side, against their proportions worked out by hand: how thick a wall is, where a
 * shoulder begins, how many tines a fork has. The proportions are common practice, no published source.
 */
public class ProportionsTest {

    private static final double FINE = 1e-9;
    private static final double HAIR = 1e-5;

    private static Hit met(Solid solid, Vector3D from, Vector3D way) {
        Ray ray = new Ray();
        ray.set(from.getX(), from.getY(), from.getZ(), way.getX(), way.getY(), way.getZ());
        Hit hit = new Hit();
        hit.clear(1e6);
        solid.meet(ray, hit);
        return hit;
    }

    /** Height at which a finger from above comes upon it; NaN beside it. */
    private static double height(Solid solid, double x, double y) {
        Hit hit = met(solid, Vector3D.of(x, y, 1), Vector3D.of(0, 0, -1));
        return hit.material == null ? Double.NaN : 1 - hit.distance;
    }

    /** Distance from the upright middle line at which a finger comes upon it at a level, from a side; NaN above it. */
    private static double side(Solid solid, double level, double turn) {
        Vector3D out = Vector3D.of(Math.cos(turn), Math.sin(turn), 0);
        Hit hit = met(solid, out.add(Vector3D.of(0, 0, level)), out.negate());
        return hit.material == null || hit.distance > 1 ? Double.NaN : 1 - hit.distance;
    }

    /** Places along a ray at which it crosses a skin, as far as it goes. */
    private static List<Double> crossings(Solid solid, Vector3D from, Vector3D way) {
        List<Double> found = new ArrayList<>();
        double gone = 0;
        for (int i = 0; i < 60; i++) {
            Hit hit = met(solid, from.add(way.multiply(gone)), way);
            if (hit.material == null) {
                return found;
            }
            found.add(gone + hit.distance);
            gone += hit.distance + 1e-8;
        }
        return found;
    }

    private static Solid opaque(Dish dish) {
        return Bodies.of(dish).opaque();
    }

    @Test
    public void plate() {
        Solid plate = opaque(new Plate(0.3, 0.02, Surface.CLAY, 0.1, 0.05, Surface.CREAM));
        // it stands on a foot of three fifths, its lip is 2.5 mm thick
        assertThat(side(plate, 0, 1)).isCloseTo(0.09, within(FINE));
        assertThat(side(plate, 0.0175, 1)).isCloseTo(0.1475, within(FINE));
        // 2.4 mm of ceramic under the well and its slope, nowhere less than none
        assertThat(side(plate, 0.0016, 1)).isCloseTo(0.105, within(FINE));
        assertThat(side(plate, 0.42 * 0.02 + 0.58 * 0.004 - 0.0024, 1)).isCloseTo(0.1275, within(FINE));
        for (double out = 0.091; out < 0.1475; out += 0.001) {
            List<Double> through = crossings(plate, Vector3D.of(out, 0, 1), Vector3D.of(0, 0, -1));
            assertThat(through).hasSize(2);
            assertThat(met(plate, Vector3D.of(out, 0, 1), Vector3D.of(0, 0, -1)).nz)
                    .isPositive();
            assertThat(through.get(1) - through.get(0)).isBetween(0.0018, 0.0042);
        }
        assertThat(side(plate, 0.01875, 1)).isCloseTo(0.15, within(FINE));
        assertThat(height(plate, 0.14875, 0)).isCloseTo(0.02, within(FINE));
        assertThat(height(plate, 0, 0.1475)).isCloseTo(0.02 - 0.0025 / 4, within(HAIR));
        // half way down to the well, and the well, 4 mm over the table
        assertThat(height(plate, 0.1275, 0)).isCloseTo(0.42 * 0.02 + 0.58 * 0.004, within(FINE));
        assertThat(height(plate, 0.105, 0)).isCloseTo(0.004, within(HAIR));
        assertThat(height(plate, 0.06, 0)).isCloseTo(0.004, within(FINE));
        // what is on it, with a rounded edge of 6 mm
        assertThat(height(plate, 0, 0)).isCloseTo(0.054, within(FINE));
        assertThat(height(plate, 0.0439, 0)).isCloseTo(0.054, within(FINE));
        assertThat(height(plate, 0.05 - 0.0018 - 1e-9, 0)).isCloseTo(0.054 - 0.0018, within(1e-8));
        assertThat(side(plate, 0.03, 2)).isCloseTo(0.05, within(FINE));
        assertThat(side(plate, 0.048, 2)).isCloseTo(0.05, within(FINE));
        Solid thin = opaque(new Plate(0.3, 0.008, Surface.CLAY, 0.1, 0.01, Surface.CREAM));
        // never thicker than a quarter of the rim; a low slab is rounded by three tenths of its height
        assertThat(side(thin, 0.006, 1)).isCloseTo(0.148, within(FINE));
        assertThat(height(thin, 0.0471, 0)).isLessThan(0.014 - HAIR);
        assertThat(height(thin, 0.0469, 0)).isCloseTo(0.014, within(FINE));
    }

    @Test
    public void bowl() {
        Solid bowl = opaque(new Bowl(0.2, 0.1, Surface.CLAY, 0.8, Surface.CREAM));
        for (int i = 0; i <= 10; i++) {
            // a quarter of an ellipse from a foot of 45 %
            double rest = 1 - i / 10.0;
            double outer = 0.1 * (0.45 + 0.55 * Math.sqrt(1 - rest * rest));
            assertThat(side(bowl, 0.01 * i, 1)).isCloseTo(outer, within(FINE));
            // inside 4 mm less, from the rim down to what is in it
            double level = 0.1 - 0.002 * i;
            double in = 1 - level / 0.1;
            double inner = 0.1 * (0.45 + 0.55 * Math.sqrt(1 - in * in)) - 0.004;
            if (i > 0 && i < 10) {
                assertThat(height(bowl, inner - 1e-8, 0)).isCloseTo(level, within(1e-6));
            }
        }
        assertThat(height(bowl, 0.0965, 0)).isCloseTo(0.1, within(FINE));
        assertThat(height(bowl, 0.0995, 0)).isCloseTo(0.1, within(FINE));
        assertThat(height(bowl, 0, 0.08)).isCloseTo(0.08, within(FINE));
        assertThat(met(bowl, Vector3D.of(0.05, 0, 1), Vector3D.of(0, 0, -1)).material)
                .isEqualTo(Material.of(Surface.CREAM));
        assertThat(met(bowl, Vector3D.of(0.0975, 0, 1), Vector3D.of(0, 0, -1)).material)
                .isEqualTo(Material.of(Surface.CLAY));
    }

    /** 18 cm long, 3.78 cm broad, 1.08 cm high; the handle is half as long again as what one eats with, and lies on top. */
    @Test
    public void cutlery() {
        double half = 0.0189;
        double top = 0.0108;
        Solid spoon = opaque(new Cutlery(CutleryPiece.SPOON, 0.18, Surface.STEEL));
        Solid fork = opaque(new Cutlery(CutleryPiece.FORK, 0.18, Surface.STEEL));
        Solid knife = opaque(new Cutlery(CutleryPiece.KNIFE, 0.18, Surface.STEEL));
        for (Solid piece : new Solid[] {spoon, fork, knife}) {
            assertThat(height(piece, 0, -0.036)).isCloseTo(top, within(FINE));
            assertThat(height(piece, 0.29 * half, -0.036)).isBetween(0.9 * top, top);
            assertThat(height(piece, 0.31 * half, -0.036)).isNaN();
            assertThat(height(piece, 0, -0.0899)).isBetween(0.8 * top, top);
            assertThat(height(piece, 0, -0.0901)).isNaN();
        }
        for (Solid piece : new Solid[] {spoon, fork}) {
            double broad = piece == spoon ? 0.07 * half : 0.10 * half;
            assertThat(height(piece, 0.99 * broad, 0.024)).isCloseTo(top - 0.05 * top, within(FINE));
            assertThat(height(piece, 1.01 * broad, 0.024)).isNaN();
        }
        // the spoon's hollow: lowest in its middle, its edge 88 % of the height
        assertThat(height(spoon, 0, 0.0594)).isCloseTo(0.03 * top, within(FINE));
        assertThat(height(spoon, 0.5 * half, 0.0594)).isCloseTo((0.03 + 0.85 / 4) * top, within(FINE));
        assertThat(height(spoon, 0.999 * half, 0.0594)).isCloseTo(0.88 * top, within(1e-4));
        assertThat(height(spoon, 1.001 * half, 0.0594)).isNaN();
        assertThat(height(spoon, 0, 0.0899)).isCloseTo(0.88 * top, within(1e-4));
        assertThat(height(spoon, 0, 0.0901)).isNaN();
        // the fork: its root, and four tines as far apart as a third of its half breadth
        assertThat(height(fork, 0, 0.0396)).isCloseTo(0.7 * top, within(FINE));
        assertThat(height(fork, 0.61 * half, 0.0396)).isBetween(0.5 * top, 0.7 * top);
        assertThat(height(fork, 0.63 * half, 0.0396)).isNaN();
        for (int tine = 0; tine < 4; tine++) {
            double middle = (tine - 1.5) * 0.33 * half;
            for (double along : new double[] {0.058, 0.0899}) {
                assertThat(height(fork, middle, along)).isCloseTo(0.5 * top, within(FINE));
                assertThat(height(fork, middle + 0.069 * half, along)).isCloseTo(0.5 * top, within(FINE));
                assertThat(height(fork, middle + 0.071 * half, along)).isNaN();
                assertThat(height(fork, middle - 0.071 * half, along)).isNaN();
            }
        }
        assertThat(height(fork, 0.165 * half, 0.0901)).isNaN();
        assertThat(height(fork, 2.5 * 0.33 * half, 0.08)).isNaN();
        // the knife's blade stands on its edge
        assertThat(height(knife, 0, 0.0504)).isCloseTo(0.95 * top, within(FINE));
        assertThat(height(knife, 0.099 * half, 0.0504)).isGreaterThan(0.5 * top);
        assertThat(height(knife, 0.101 * half, 0.0504)).isNaN();
        assertThat(height(knife, 0, 0.0899)).isGreaterThan(0.4 * top);
        assertThat(height(knife, 0, 0.0901)).isNaN();
        assertThat(height(knife, 0, 0.0109)).isGreaterThan(0.4 * top);
        assertThat(side(knife, 0.06 * top, Math.PI / 2)).isBetween(0.04, 0.09);
    }

    @Test
    public void stack() {
        Stack straight = new Stack(0.11, 0.1, 0.13, 0.011, 0, Surface.RYE_CRUST);
        Solid slices = opaque(straight);
        double each = 0.13 / 12;
        for (int i = 0; i < 12; i++) {
            // twelve of them: a gap of 4 % under all but the lowest
            assertThat(side(slices, (i + 0.95) * each, 0)).isCloseTo(0.055, within(FINE));
            assertThat(side(slices, (i + 0.02) * each, Math.PI / 2)).isCloseTo(0.05, within(FINE));
            if (i < 11) {
                assertThat(side(slices, (i + 0.98) * each, 0)).isNaN();
            }
        }
        assertThat(height(slices, 0, 0)).isCloseTo(0.13, within(FINE));
        assertThat(opaque(new Stack(0.11, 0.1, 0.01, 0.03, 0, Surface.RYE_CRUST))
                        .bounds()
                        .highZ())
                .isCloseTo(0.01, within(FINE));
        Solid askew = opaque(new Stack(0.11, 0.1, 0.13, 0.011, 1, Surface.RYE_CRUST));
        double turned = 0;
        double shortest = 1;
        double longest = 0;
        double mean = 0;
        for (int i = 0; i < 12; i++) {
            Hit hit = met(askew, Vector3D.of(1, 0, (i + 0.5) * each), Vector3D.of(-1, 0, 0));
            double turn = Math.abs(Math.atan2(hit.ny, hit.nx));
            assertThat(turn).isLessThanOrEqualTo(0.16);
            turned = Math.max(turned, turn);
            double out = 1 - hit.distance;
            assertThat(out).isLessThanOrEqualTo(0.055);
            shortest = Math.min(shortest, out);
            longest = Math.max(longest, out);
            mean += out / 12;
        }
        // no two alike, none far in
        assertThat(turned).isGreaterThan(0.05);
        assertThat(longest - shortest).isBetween(0.001, 0.012);
        assertThat(mean).isBetween(0.044, 0.054);
    }

    @Test
    public void tart() {
        Solid tart = opaque(new Tart(0.24, 0.03, Surface.BAKED_PASTRY, Surface.ALMOND_FILLING, Surface.PEAR));
        double filled = 0.86 * 0.03;
        assertThat(side(tart, 0, 1)).isCloseTo(0.108, within(FINE));
        assertThat(side(tart, 0.028, 1)).isCloseTo(0.12, within(FINE));
        assertThat(height(tart, 0.117, 0)).isCloseTo(0.03, within(FINE));
        assertThat(height(tart, 0.118, 0)).isCloseTo(0.03, within(FINE));
        assertThat(height(tart, 0.1158, 0)).isCloseTo(0.03, within(FINE));
        assertThat(height(tart, 0.1149, 0)).isLessThan(0.029);
        assertThat(height(tart, 0.1139, 0)).isCloseTo(filled, within(FINE));
        assertThat(height(tart, 0, 0)).isCloseTo(filled, within(FINE));
        double thick = 0.03 - filled;
        for (int i = 0; i < 9; i++) {
            // nine pieces of fruit, each turned by 20 degrees from the spoke it lies on
            double turn = 2 * Math.PI * i / 9;
            double x = 0.53 * 0.12 * Math.cos(turn);
            double y = 0.53 * 0.12 * Math.sin(turn);
            assertThat(height(tart, x, y)).isCloseTo(filled + 0.9 * thick, within(FINE));
            double along = turn + 0.35;
            for (int way = -1; way <= 1; way += 2) {
                double in = way * 0.34 * 0.12;
                double out = way * 0.365 * 0.12;
                assertThat(height(tart, x + in * Math.cos(along), y + in * Math.sin(along)))
                        .isGreaterThan(filled);
                assertThat(height(tart, x + out * Math.cos(along), y + out * Math.sin(along)))
                        .isCloseTo(filled, within(FINE));
                double across = way * 0.14 * 0.12;
                assertThat(height(tart, x - across * Math.sin(along), y + across * Math.cos(along)))
                        .isGreaterThan(filled);
            }
        }
        // flutes 13 mm apart round the case: the sides lean to and fro that often
        int swings = 0;
        double before = 0;
        for (int i = 0; i <= 5800; i++) {
            double turn = 2 * Math.PI * (i + 0.5) / 5800;
            Hit hit = met(
                    tart,
                    Vector3D.of(Math.cos(turn), Math.sin(turn), 0.01),
                    Vector3D.of(-Math.cos(turn), -Math.sin(turn), 0));
            double sideways = hit.ny * Math.cos(turn) - hit.nx * Math.sin(turn);
            swings += sideways * before < 0 ? 1 : 0;
            before = sideways;
        }
        assertThat(swings).isEqualTo(2 * 58);
        // a small one has a wall of 12 % of its radius
        assertThat(height(opaque(new Tart(0.05, 0.03, Surface.BAKED_PASTRY, Surface.CREAM, Surface.PEAR)), 0.0219, 0))
                .isCloseTo(filled, within(FINE));
    }

    @DataProvider
    Object[][] custards() {
        // rounded by what the flat top leaves of it, or by two fifths of its height
        return new Object[][] {{0.055, 0.007}, {0.01, 0.004}};
    }

    @Test(dataProvider = "custards")
    public void custard(double high, double rounding) {
        Solid custard = opaque(new Custard(0.085, 0.07, high, 0, Surface.CREAM));
        assertThat(side(custard, 0, 1)).isCloseTo(0.0425, within(FINE));
        assertThat(side(custard, high - rounding, 1)).isCloseTo(0.035, within(FINE));
        for (int i = 1; i < 5; i++) {
            double turn = Math.toRadians(18 * i);
            assertThat(height(custard, 0.028 + 0.007 * Math.cos(turn) - 1e-8, 0))
                    .isCloseTo(high - rounding * (1 - Math.sin(turn)), within(1e-6));
        }
        assertThat(height(custard, 0.0279, 0)).isCloseTo(high, within(FINE));
        assertThat(height(custard, 0.0281, 0)).isLessThan(high - 1e-6);
        Hit plain = met(
                custard,
                Vector3D.of(1, 0.3, 0.3 * high),
                Vector3D.of(-1, -0.3, 0).normalize());
        assertThat(plain.nx * 0.3 - plain.ny).isCloseTo(0, within(1e-9));
        Solid fluted = opaque(new Custard(0.085, 0.07, high, 1, Surface.CREAM));
        Hit leaning = met(
                fluted,
                Vector3D.of(1, 0.3, 0.3 * high),
                Vector3D.of(-1, -0.3, 0).normalize());
        assertThat(Math.abs(leaning.nx * 0.3 - leaning.ny)).isGreaterThan(0.1);
    }

    @Test
    public void loaf() {
        Solid loaf = opaque(new Loaf(0.2, 0.11, 0.09, Surface.BAKED_PASTRY, Surface.BREAD_CRUMB));
        double half = 0.2 / 1.72;
        double middle = half - 0.1;
        for (double share : new double[] {-0.95, -0.5, 0, 0.3, 0.7}) {
            assertThat(height(loaf, middle + share * half, 0))
                    .isCloseTo(0.0315 + 0.0585 * Math.sqrt(1 - share * share), within(FINE));
        }
        assertThat(height(loaf, middle, 0.0549)).isBetween(0.0315, 0.036);
        assertThat(height(loaf, middle, 0.0551)).isNaN();
        assertThat(height(loaf, -0.0999, 0)).isGreaterThan(0.0315);
        assertThat(height(loaf, -0.1001, 0)).isNaN();
        Hit cut = met(loaf, Vector3D.of(1, 0, 0.04), Vector3D.of(-1, 0, 0));
        assertThat(1 - cut.distance).isCloseTo(0.1, within(FINE));
        assertThat(cut.material).isEqualTo(Material.of(Surface.BREAD_CRUMB));
        assertThat(met(loaf, Vector3D.of(-1, 0, 0.04), Vector3D.of(1, 0, 0)).material)
                .isEqualTo(Material.of(Surface.BAKED_PASTRY));
    }

    /** Leaves cover a dome: highest in the middle, lower and leaning outwards towards its edge, none above it. */
    @Test
    public void heap() {
        Solid heap = opaque(new Heap(0.09, 0.035, Surface.GREEN_LEAF));
        double[] level = new double[3];
        double[] lean = new double[3];
        int[] covered = new int[3];
        int[] looked = new int[3];
        double highest = 0;
        for (int i = 0; i < 4000; i++) {
            double out = Math.sqrt((i + 0.5) / 4000);
            double turn = 2.399963 * i;
            int ring = Math.min(2, (int) (3 * out));
            double x = 0.045 * out * Math.cos(turn);
            double y = 0.045 * out * Math.sin(turn);
            Hit hit = met(heap, Vector3D.of(x, y, 1), Vector3D.of(0, 0, -1));
            looked[ring]++;
            if (hit.material != null) {
                covered[ring]++;
                level[ring] += 1 - hit.distance;
                lean[ring] += Math.signum(hit.nz) * (hit.nx * Math.cos(turn) + hit.ny * Math.sin(turn));
                highest = Math.max(highest, 1 - hit.distance);
            }
        }
        assertThat(highest).isBetween(0.8 * 0.035, 0.035);
        assertThat(covered[0]).isEqualTo(looked[0]);
        assertThat((double) covered[1] / looked[1]).isGreaterThan(0.95);
        assertThat((double) covered[2] / looked[2]).isBetween(0.4, 0.95);
        for (int ring = 0; ring < 3; ring++) {
            level[ring] /= covered[ring];
            lean[ring] /= covered[ring];
        }
        double dome = 0.72 * 0.035;
        assertThat(level[0]).isBetween(0.95 * dome, 1.3 * dome);
        assertThat(level[1]).isBetween(0.7 * level[0], level[0]);
        assertThat(level[2]).isBetween(0.3 * level[0], 0.85 * level[1]);
        assertThat(lean[1]).isGreaterThan(0.05);
        assertThat(lean[2]).isGreaterThan(0.05);
    }

    @Test
    public void biscuit() {
        Solid biscuit = opaque(new Biscuit(0.05, 0.008, Surface.BAKED_PASTRY));
        assertThat(side(biscuit, 0, 1)).isCloseTo(0.023, within(FINE));
        assertThat(side(biscuit, 0.0016, 1)).isCloseTo(0.97 * 0.025, within(FINE));
        assertThat(side(biscuit, 0.004, 1)).isCloseTo(0.025, within(FINE));
        for (int i = 1; i < 5; i++) {
            double turn = Math.toRadians(18 * i);
            assertThat(height(biscuit, 0.023 + 0.002 * Math.cos(turn) - 1e-8, 0))
                    .isCloseTo(0.004 + 0.004 * Math.sin(turn), within(1e-6));
        }
        assertThat(height(biscuit, 0.0229, 0)).isCloseTo(0.008, within(FINE));
        assertThat(height(biscuit, 0, 0)).isCloseTo(0.008, within(FINE));
    }

    @Test
    public void drinkGlass() {
        Solid glass = Bodies.of(new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.7, Medium.CORDIAL, 0))
                .clear();
        double foot = 0.82 * 0.035;
        for (double level : new double[] {0.001, 0.05, 0.1}) {
            assertThat(side(glass, level, 1)).isCloseTo(foot + (0.035 - foot) * level / 0.12, within(FINE));
        }
        // a wall of 2.2 mm above the drink, which is 8.4 cm high; a floor of 1.2 cm
        List<Double> across = crossings(glass, Vector3D.of(1, 0, 0.1), Vector3D.of(-1, 0, 0));
        assertThat(across).hasSize(4);
        assertThat(across.get(1) - across.get(0)).isCloseTo(0.0022, within(FINE));
        assertThat(across.get(3) - across.get(2)).isCloseTo(0.0022, within(FINE));
        List<Double> down = crossings(glass, Vector3D.of(0.001, 0, 1), Vector3D.of(0, 0, -1));
        assertThat(down).hasSize(3);
        assertThat(1 - down.get(0)).isCloseTo(0.084, within(FINE));
        assertThat(1 - down.get(1)).isCloseTo(0.012, within(FINE));
        assertThat(1 - down.get(2)).isCloseTo(0, within(FINE));
        assertThat(height(glass, 0.0339, 0)).isCloseTo(0.12, within(FINE));
        // a small one has a floor of 12 % of its height, never without 2 mm of drink over it, and a wall of 8 % of its
        // radius
        Solid small = Bodies.of(new DrinkGlass(0.05, 0.05, Medium.CLEAR_GLASS, 0.1, Medium.WATER, 0))
                .clear();
        List<Double> deep = crossings(small, Vector3D.of(0.001, 0, 1), Vector3D.of(0, 0, -1));
        assertThat(1 - deep.get(0)).isCloseTo(0.008, within(FINE));
        assertThat(1 - deep.get(1)).isCloseTo(0.006, within(FINE));
        List<Double> thin = crossings(small, Vector3D.of(1, 0, 0.045), Vector3D.of(-1, 0, 0));
        assertThat(thin.get(1) - thin.get(0)).isCloseTo(0.002, within(FINE));
    }

    /** Three cubes find room one above the other, each with its own skin; half of them with half of the ice. */
    @Test
    public void ice() {
        for (double share : new double[] {1, 0.5}) {
            Solid glass = Bodies.of(new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.9, Medium.WATER, share))
                    .clear();
            List<Double> down = crossings(glass, Vector3D.of(0.0001, 0.0001, 1), Vector3D.of(0, 0, -1));
            int cubes = share == 1 ? 3 : 1;
            assertThat(down).hasSize(3 + 2 * cubes);
            double half = 0.46 * (0.82 * 0.035 + 0.18 * 0.035 * 0.1 - 0.0022);
            for (int i = 0; i < cubes; i++) {
                double top = 1 - down.get(1 + 2 * i);
                double foot = 1 - down.get(2 + 2 * i);
                // its middle where it belongs, though shifted and tilted a little; two half edges thick, or somewhat
                // more aslant
                assertThat((top + foot) / 2)
                        .isCloseTo(0.108 - 0.002 - (i + 0.5) * 2.5 * half, within(0.14 * 0.18 * 0.027 + 1e-4));
                assertThat(top - foot).isBetween(2 * half, 2 * half / Math.cos(0.18));
            }
        }
    }

    @Test
    public void bottle() {
        Bottle bottle = new Bottle(0.075, 0.25, Medium.CLEAR_GLASS, 0.6, Medium.CORDIAL, 0.26, Surface.LABEL_PAPER);
        Solid glass = Bodies.of(bottle).clear();
        double neck = 0.38 * 0.0375;
        assertThat(side(glass, 0.01, 1)).isCloseTo(0.0375, within(FINE));
        for (int i = 0; i <= 7; i++) {
            // the shoulder: half a wave from 62 to 80 % of the height
            double bend = (1 + Math.cos(Math.PI * i / 7)) / 2;
            assertThat(side(glass, 0.155 + 0.045 * i / 7, 1)).isCloseTo(neck + (0.0375 - neck) * bend, within(1e-7));
        }
        assertThat(side(glass, 0.23, 1)).isCloseTo(neck, within(FINE));
        assertThat(side(glass, 0.2376, 1)).isNaN();
        List<Double> across = crossings(glass, Vector3D.of(1, 0, 0.152), Vector3D.of(-1, 0, 0));
        assertThat(across).hasSize(4);
        assertThat(across.get(1) - across.get(0)).isCloseTo(0.003, within(FINE));
        List<Double> down = crossings(glass, Vector3D.of(0.001, 0, 1), Vector3D.of(0, 0, -1));
        assertThat(down).hasSize(3);
        assertThat(1 - down.get(0)).isCloseTo(0.15, within(FINE));
        assertThat(1 - down.get(1)).isCloseTo(0.006, within(FINE));
        assertThat(1 - down.get(2)).isCloseTo(0, within(FINE));
        Solid rest = Bodies.of(bottle).opaque();
        assertThat(height(rest, 0, 0)).isCloseTo(0.25, within(FINE));
        assertThat(side(rest, 0.245, 1)).isCloseTo(neck, within(FINE));
        assertThat(side(rest, 0.2377, 1)).isNaN();
        // the label: in the middle of the side, 75 degrees to both sides of the front
        double from = (0.155 - 0.065) / 2;
        for (double level : new double[] {from + 1e-6, from + 0.065 - 1e-6}) {
            for (int way = -1; way <= 1; way += 2) {
                double front = -Math.PI / 2;
                assertThat(side(rest, level, front + way * Math.toRadians(74))).isCloseTo(0.0378, within(FINE));
                assertThat(side(rest, level, front + way * Math.toRadians(76))).isNaN();
            }
        }
        assertThat(side(rest, from - 1e-6, -Math.PI / 2)).isNaN();
        assertThat(side(rest, from + 0.065 + 1e-6, -Math.PI / 2)).isNaN();
        assertThat(side(
                        opaque(new Bottle(
                                0.075, 0.25, Medium.CLEAR_GLASS, 0.6, Medium.CORDIAL, 0, Surface.LABEL_PAPER)),
                        0.08,
                        -Math.PI / 2))
                .isNaN();
    }

    @Test
    public void jar() {
        Jar jar = new Jar(0.08, 0.1, Medium.CLEAR_GLASS, 0.75, Surface.PRESERVE, Surface.BRASS);
        Solid glass = Bodies.of(jar).clear();
        assertThat(side(glass, 0.05, 1)).isCloseTo(0.04, within(FINE));
        assertThat(side(glass, 0.078, 1)).isCloseTo(0.04, within(FINE));
        assertThat(side(glass, 0.082, 1)).isCloseTo(0.0388, within(FINE));
        assertThat(side(glass, 0.086 - 1e-9, 1)).isCloseTo(0.0344, within(1e-7));
        assertThat(side(glass, 0.0861, 1)).isNaN();
        assertThat(height(glass, 0.033, 0)).isCloseTo(0.086, within(FINE));
        assertThat(height(glass, 0, 0)).isCloseTo(0.006, within(FINE));
        for (double level : new double[] {0.05, 0.08}) {
            List<Double> across = crossings(glass, Vector3D.of(1, 0, level), Vector3D.of(-1, 0, 0));
            assertThat(across).hasSize(4);
            assertThat(across.get(1) - across.get(0)).as("%s", level).isCloseTo(0.003, within(FINE));
        }
        Solid rest = Bodies.of(jar).opaque();
        // what is in it, a hair off the glass, and the lid over it
        assertThat(side(rest, 0.0064, 1)).isCloseTo(0.0367, within(FINE));
        assertThat(side(rest, 0.0749, 1)).isCloseTo(0.0367, within(FINE));
        assertThat(side(rest, 0.0062, 1)).isNaN();
        assertThat(side(rest, 0.0765, 1)).isNaN();
        assertThat(side(rest, 0.0781, 1)).isCloseTo(0.036, within(FINE));
        assertThat(side(rest, 0.0985, 1)).isCloseTo(0.036, within(FINE));
        assertThat(height(rest, 0.97 * 0.036 - HAIR, 0)).isCloseTo(0.1, within(FINE));
        assertThat(height(rest, 0.97 * 0.036 + HAIR, 0)).isLessThan(0.1 - 1e-6);
        assertThat(height(rest, 0, 0)).isCloseTo(0.1, within(FINE));
        Solid full = opaque(new Jar(0.08, 0.1, Medium.CLEAR_GLASS, 0.85, Surface.PRESERVE, Surface.BRASS));
        // never above the shoulder
        assertThat(side(full, 0.0779, 1)).isCloseTo(0.0367, within(FINE));
    }

    @Test
    public void tin() {
        Solid open = opaque(new Tin(0.11, 0.076, 0.024, Surface.STEEL, Surface.FISH_SKIN, TinLid.OFF));
        Solid shut = opaque(new Tin(0.11, 0.076, 0.024, Surface.STEEL, Surface.FISH_SKIN, TinLid.CLOSED));
        for (Solid tin : new Solid[] {open, shut}) {
            // a rolled rim of 2 mm, as narrow the other way as the tin is
            assertThat(side(tin, 0, 0)).isCloseTo(0.053, within(FINE));
            assertThat(side(tin, 0.02, 0)).isCloseTo(0.053, within(FINE));
            assertThat(side(tin, 0.022, 0)).isCloseTo(0.055, within(FINE));
            assertThat(side(tin, 0.022, Math.PI / 2)).isCloseTo(0.038, within(FINE));
            assertThat(height(tin, 0.054, 0)).isCloseTo(0.024, within(FINE));
            assertThat(height(tin, 0.0530001, 0)).isCloseTo(0.023, within(HAIR));
        }
        double floor = 0.0132;
        assertThat(height(open, 0.0525, 0)).isCloseTo(floor, within(FINE));
        for (int i = 0; i < 5; i++) {
            // five fish side by side, as long as the tin lets them be
            double y = 0.84 * (i - 2) * 0.4 * 0.038;
            double along = 0.86 * 0.055 * Math.sqrt(1 - Math.pow(y / 0.038, 2));
            assertThat(height(open, 0, y)).isCloseTo(floor + 0.16 * 0.038, within(2e-5));
            for (int way = -1; way <= 1; way += 2) {
                assertThat(height(open, way * 0.97 * along, y)).isGreaterThan(floor + 1e-4);
                assertThat(height(open, way * 1.005 * along, y)).isCloseTo(floor, within(FINE));
                assertThat(height(open, 0, y + way * 0.16 * 0.038)).isGreaterThan(floor + 1e-4);
            }
        }
        assertThat(height(open, 0, 0.98 * 0.5 * 0.336 * 0.038)).isGreaterThan(floor);
        assertThat(height(open, 0, 0.5 * 0.336 * 0.038)).isCloseTo(floor, within(FINE));
        Solid flat = opaque(new Tin(0.11, 0.076, 0.012, Surface.STEEL, Surface.FISH_SKIN, TinLid.OFF));
        assertThat(height(flat, 0, 0)).isCloseTo(0.55 * 0.012 + 0.35 * 0.012, within(1e-6));
        // the lid lies 1.4 mm under the rim, with a bead round it
        double lid = 0.0226;
        assertThat(height(shut, 0, 0)).isCloseTo(lid, within(FINE));
        assertThat(height(shut, 0.72 * 0.055, 0)).isCloseTo(lid, within(FINE));
        assertThat(height(shut, 0.735 * 0.055, 0)).isCloseTo(lid + 0.0003, within(FINE));
        assertThat(height(shut, 0.77 * 0.055, 0)).isCloseTo(lid + 0.0006, within(FINE));
        assertThat(height(shut, 0.795 * 0.055, 0)).isCloseTo(lid + 0.0003, within(FINE));
        assertThat(height(shut, 0.82 * 0.055, 0)).isCloseTo(lid, within(FINE));
    }
}
