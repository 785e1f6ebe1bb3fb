package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.render.body.Touch.crossings;
import static zephyrdune.render.body.Touch.height;
import static zephyrdune.render.body.Touch.met;
import static zephyrdune.render.body.Touch.opaque;
import static zephyrdune.render.body.Touch.side;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.Bowl;
import zephyrdune.set.dish.Cup;
import zephyrdune.set.dish.Cutlery;
import zephyrdune.set.dish.CutleryPiece;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.dish.Salad;
import zephyrdune.set.surface.Surface;

/**
 * Plates, bowls and cutlery felt from above and from the side, against proportions worked out by hand: how thick a wall is, how many tines a fork has. The proportions are common practice,
 * no published source.
 */
public class CrockeryTest {

    private static final double FINE = 1e-9;
    private static final double HAIR = 1e-5;

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

    /** A cup like a bowl on a saucer 1.7 times as broad, with a handle to the right that a finger fits through. */
    @Test
    public void cup() {
        Solid cup = opaque(new Cup(0.09, 0.065, Surface.WHITE_CERAMIC, 0.8, Surface.COFFEE));
        assertThat(side(cup, 0, 2)).isCloseTo(0.45 * 0.0765, within(FINE));
        assertThat(side(cup, 0.0105, 2)).isCloseTo(0.075, within(FINE));
        assertThat(side(cup, 0.01125, 2)).isCloseTo(0.0765, within(FINE));
        assertThat(height(cup, -0.07575, 0)).isCloseTo(0.012, within(FINE));
        assertThat(height(cup, 0, -0.075)).isCloseTo(0.012 - 0.0015 / 4, within(HAIR));
        assertThat(side(cup, 0.0649, Math.PI)).isCloseTo(0.045, within(HAIR));
        assertThat(height(cup, 0, 0)).isCloseTo(0.052, within(FINE));
        assertThat(met(cup, Vector3D.of(0, 0, 1), Vector3D.of(0, 0, -1)).material)
                .isEqualTo(Material.of(Surface.COFFEE));
        // the handle: half a ring of 0.42 by 0.27, its bar 0.17 of that to each side; its highest place, and the hole
        // within
        double reach = 1.17;
        assertThat(side(cup, 0.6 * 0.065, 0)).isCloseTo((0.9 + 0.42 * reach) * 0.045, within(FINE));
        double top = 0.065 * (0.6 + 0.27 * reach);
        double over = 0.045 * (0.9 + 0.08 * reach);
        assertThat(side(cup, top - 1e-6, 0)).isCloseTo(over, within(3e-4));
        assertThat(side(cup, top + 1e-6, 0)).isLessThan(0.0451);
        assertThat(crossings(cup, Vector3D.of(0.052, -1, 0.6 * 0.065), Vector3D.of(0, 1, 0)))
                .isEmpty();
        assertThat(crossings(cup, Vector3D.of(1.32 * 0.045, -1, 0.6 * 0.065), Vector3D.of(0, 1, 0)))
                .hasSizeGreaterThanOrEqualTo(2);
    }

    /** Leaves heaped in a bowl: over its rim in the middle, down to it at its edge. */
    @Test
    public void salad() {
        Solid salad = opaque(new Salad(0.24, 0.08, Surface.WHITE_CERAMIC, 0.04, Surface.GREEN_LEAF));
        assertThat(side(salad, 0.0799, 1)).isCloseTo(0.12, within(1e-4));
        double highest = 0;
        int over = 0;
        for (int i = 0; i < 2000; i++) {
            double out = 0.1 * Math.sqrt((i + 0.5) / 2000);
            double turn = 2.399963 * i;
            double there = height(salad, out * Math.cos(turn), out * Math.sin(turn));
            assertThat(there).isBetween(0.044, 0.12);
            highest = Math.max(highest, there);
            over += there > 0.08 ? 1 : 0;
        }
        assertThat(highest).isGreaterThan(0.11);
        assertThat(over).isBetween(500, 1800);
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
}
