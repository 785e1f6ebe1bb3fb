package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.render.body.Touch.crossings;
import static zephyrdune.render.body.Touch.height;
import static zephyrdune.render.body.Touch.opaque;
import static zephyrdune.render.body.Touch.side;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.set.dish.Bottle;
import zephyrdune.set.dish.Condensation;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.dish.Jar;
import zephyrdune.set.dish.Tin;
import zephyrdune.set.dish.TinLid;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Relief;
import zephyrdune.set.surface.Surface;

/**
 * Glasses, bottles, jars and tins felt from above and from the side, against proportions worked out by hand: where a shoulder begins, how much room there is for ice. The proportions are common practice,
 * no published source.
 */
public class GlasswareTest {

    private static final double FINE = 1e-9;
    private static final double HAIR = 1e-5;

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

    /** Water beads outside where ice cools what is inside: as far up as the drink comes, 8.4 cm. */
    @Test
    public void aGlassWithIceIsWetOutside() {
        for (double ice : new double[] {0, 0.8}) {
            Solid glass = Bodies.of(new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.7, Medium.CORDIAL, ice))
                    .clear();
            assertThat(relief(glass, 0.05)).isEqualTo(ice > 0 ? Relief.CONDENSATION : null);
            assertThat(relief(glass, 0.083)).isEqualTo(ice > 0 ? Relief.CONDENSATION : null);
            assertThat(relief(glass, 0.085)).isNull();
        }
    }

    /** Of what a level ray from the right meets. */
    private static Relief relief(Solid glass, double height) {
        Ray ray = new Ray();
        ray.set(1, 0, height, -1, 0, 0);
        Hit hit = new Hit();
        hit.distance = Double.POSITIVE_INFINITY;
        glass.meet(ray, hit);
        return hit.material.relief();
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
        Bottle bottle = new Bottle(
                0.075, 0.25, Medium.CLEAR_GLASS, 0.6, Medium.CORDIAL, 0.26, Surface.LABEL_PAPER, Condensation.NONE);
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
                                0.075,
                                0.25,
                                Medium.CLEAR_GLASS,
                                0.6,
                                Medium.CORDIAL,
                                0,
                                Surface.LABEL_PAPER,
                                Condensation.NONE)),
                        0.08,
                        -Math.PI / 2))
                .isNaN();
    }

    /** Drops stand as far up as the contents come, on the straight side, 15.5 cm, or on the shoulder, and change nothing else. */
    @Test
    public void aColdBottleIsWetOutside() {
        for (double fill : new double[] {0.6, 0.68}) {
            Solid dry = Bodies.of(filled(fill, Condensation.NONE)).clear();
            Solid beaded = Bodies.of(filled(fill, Condensation.DROPS)).clear();
            for (double height = 0.005; height < 0.235; height += 0.01) {
                assertThat(relief(beaded, height)).isEqualTo(height < fill * 0.25 ? Relief.CONDENSATION : null);
                assertThat(relief(dry, height)).isNull();
                // between two edges of the shoulder the outline is a straight line: one edge more is nearer the curve
                assertThat(side(beaded, height, 1)).isCloseTo(side(dry, height, 1), within(fill < 0.62 ? FINE : 2e-4));
            }
        }
    }

    private static Bottle filled(double fill, Condensation condensation) {
        return new Bottle(0.075, 0.25, Medium.CLEAR_GLASS, fill, Medium.CORDIAL, 0, Surface.LABEL_PAPER, condensation);
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
