package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.render.body.Touch.height;
import static zephyrdune.render.body.Touch.met;
import static zephyrdune.render.body.Touch.opaque;
import static zephyrdune.render.body.Touch.side;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Biscuit;
import zephyrdune.set.dish.Carton;
import zephyrdune.set.dish.Custard;
import zephyrdune.set.dish.Gateau;
import zephyrdune.set.dish.Heap;
import zephyrdune.set.dish.Loaf;
import zephyrdune.set.dish.Stack;
import zephyrdune.set.dish.Tart;
import zephyrdune.set.surface.Surface;

/**
 * What is eaten, felt from above and from the side, against proportions worked out by hand: how many slices, how far a rounding goes. The proportions are common practice,
 * no published source.
 */
public class FoodTest {

    private static final double FINE = 1e-9;

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

    /** Where the eye sees a side along its surface, a deep flute would turn the normal away from it: dark dots round the outline. */
    @Test
    public void flutesFaceWhoeverSeesThem() {
        Solid fluted = opaque(new Custard(0.085, 0.07, 0.055, 1, Surface.CREAM));
        Vector3D eye = Vector3D.of(0, -0.7, 0.5);
        int leaning = 0;
        for (int i = 0; i < 40_000; i++) {
            double across = 0.09 * (i % 400 / 399.0 - 0.5);
            double up = 0.055 * (i / 400 / 99.0);
            Vector3D way = Vector3D.of(across, 0, up).subtract(eye).normalize();
            Hit hit = met(fluted, eye, way);
            if (hit.material != null) {
                double facing = hit.nx * way.getX() + hit.ny * way.getY() + hit.nz * way.getZ();
                assertThat(facing).isNegative();
                leaning += facing > -0.02 ? 1 : 0;
            }
        }
        assertThat(leaning).as("seen along the surface").isGreaterThan(10);
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

    /** A slice of 40 degrees is out, to the front and 20 degrees to the right: three layers, cream between them, icing round them. */
    @Test
    public void gateau() {
        double slice = Math.toRadians(40);
        Gateau cake = new Gateau(0.2, 0.08, 0.026, slice, Surface.CHOCOLATE, Surface.BREAD_CRUMB, Surface.CREAM);
        Solid cut = opaque(cake);
        double to = -Math.PI / 2 + 0.35;
        for (int way = -1; way <= 1; way += 2) {
            double inside = to + way * (slice / 2 - 0.01);
            double outside = to + way * (slice / 2 + 0.01);
            assertThat(height(cut, 0.05 * Math.cos(inside), 0.05 * Math.sin(inside)))
                    .isNaN();
            assertThat(height(cut, 0.05 * Math.cos(outside), 0.05 * Math.sin(outside)))
                    .isCloseTo(0.08, within(FINE));
            assertThat(side(cut, 0.04, outside)).isCloseTo(0.1, within(FINE));
            assertThat(side(cut, 0.04, inside)).isLessThan(0.05);
            // felt from within the gap, square to the cut: what it is at each height, 6 cm from the middle
            double face = to + way * slice / 2;
            Vector3D along = Vector3D.of(Math.cos(face), Math.sin(face), 0);
            Vector3D into = Vector3D.of(-way * Math.sin(face), way * Math.cos(face), 0);
            double each = 0.025;
            for (int layer = 0; layer < 3; layer++) {
                assertThat(at(cut, along, into, 0.06, (layer + 0.6) * each))
                        .isEqualTo(Material.of(Surface.BREAD_CRUMB));
                assertThat(at(cut, along, into, 0.06, layer * each + 0.0049))
                        .isEqualTo(Material.of(layer == 0 ? Surface.BREAD_CRUMB : Surface.CREAM));
                assertThat(at(cut, along, into, 0.06, layer * each + 0.0051))
                        .isEqualTo(Material.of(Surface.BREAD_CRUMB));
            }
            assertThat(at(cut, along, into, 0.06, 0.0749)).isEqualTo(Material.of(Surface.BREAD_CRUMB));
            assertThat(at(cut, along, into, 0.06, 0.0751)).isEqualTo(Material.of(Surface.CHOCOLATE));
            assertThat(at(cut, along, into, 0.0949, 0.04)).isEqualTo(Material.of(Surface.BREAD_CRUMB));
            assertThat(at(cut, along, into, 0.0951, 0.04)).isEqualTo(Material.of(Surface.CHOCOLATE));
            assertThat(at(cut, along, into, 0.097, 0.0775)).isEqualTo(Material.of(Surface.CHOCOLATE));
        }
        Solid whole = opaque(new Gateau(0.2, 0.08, 0.08, 0, Surface.CREAM, Surface.CREAM, Surface.CREAM));
        assertThat(height(whole, 0.05 * Math.cos(to), 0.05 * Math.sin(to))).isCloseTo(0.08, within(FINE));
        assertThat(height(whole, 0.0949, 0)).isCloseTo(0.08, within(FINE));
        assertThat(height(whole, 0.0985 - 1e-8, 0)).isCloseTo(0.0785, within(1e-6));
        assertThat(side(whole, 0.0749, 1)).isCloseTo(0.1, within(FINE));
        assertThat(cake.layers()).isEqualTo(3);
        assertThat(new Gateau(0.2, 0.04, 0.2, 0, Surface.CREAM, Surface.CREAM, Surface.CREAM).layers())
                .isEqualTo(1);
    }

    private static Material at(Solid cake, Vector3D along, Vector3D into, double out, double level) {
        Vector3D on = along.multiply(out).add(Vector3D.of(0, 0, level));
        return met(cake, on.subtract(into.multiply(0.01)), into).material;
    }

    @Test
    public void carton() {
        Solid carton = opaque(new Carton(0.08, 0.05, 0.14, Surface.PRINTED_CARD, 0.4, Surface.LABEL_PAPER));
        assertThat(height(carton, 0.039, 0.02)).isCloseTo(0.14, within(FINE));
        assertThat(side(carton, 0.07, 0)).isCloseTo(0.04, within(FINE));
        assertThat(side(carton, 0.07, Math.PI / 2)).isCloseTo(0.025, within(FINE));
        for (double[] place :
                new double[][] {{0.0319, 0.07, 1}, {0.0321, 0.07, 0}, {0, 0.0979, 1}, {0, 0.0981, 0}, {0, 0.0419, 0}}) {
            Hit hit = met(carton, Vector3D.of(place[0], -1, place[1]), Vector3D.of(0, 1, 0));
            boolean label = place[2] > 0;
            assertThat(hit.material).isEqualTo(Material.of(label ? Surface.LABEL_PAPER : Surface.PRINTED_CARD));
            assertThat(1 - hit.distance).isCloseTo(label ? 0.025 : 0.0246, within(FINE));
        }
        Solid plain = opaque(new Carton(0.08, 0.05, 0.14, Surface.PRINTED_CARD, 0, Surface.LABEL_PAPER));
        assertThat(met(plain, Vector3D.of(0, -1, 0.07), Vector3D.of(0, 1, 0)).material)
                .isEqualTo(Material.of(Surface.PRINTED_CARD));
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
}
