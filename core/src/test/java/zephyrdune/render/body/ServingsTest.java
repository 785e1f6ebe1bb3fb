package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.render.body.Touch.crossings;
import static zephyrdune.render.body.Touch.height;
import static zephyrdune.render.body.Touch.met;
import static zephyrdune.render.body.Touch.opaque;
import static zephyrdune.render.body.Touch.side;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.DropperBottle;
import zephyrdune.set.dish.FilledRoll;
import zephyrdune.set.dish.Noodles;
import zephyrdune.set.dish.Rolls;
import zephyrdune.set.dish.Sorbet;
import zephyrdune.set.dish.SqueezeTube;
import zephyrdune.set.dish.Watch;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/** Servings and products, felt from above and from the side. The proportions are common practice, no published source. */
public class ServingsTest {

    private static final double FINE = 1e-9;

    private static Material at(Solid solid, double x, double y) {
        return met(solid, Vector3D.of(x, y, 1), Vector3D.of(0, 0, -1)).material;
    }

    private static Material before(Solid solid, double z) {
        return met(solid, Vector3D.of(0, -1, z), Vector3D.of(0, 1, 0)).material;
    }

    /** Noodles lie over the broth, the topmost as high as stated, and each is as thick as stated. */
    @Test
    public void noodles() {
        Noodles bowl = new Noodles(0.2, 0.08, Surface.DARK_STONEWARE, Surface.BROTH, 0.004, 0.02, Surface.NOODLE);
        Solid body = opaque(bowl);
        double ring = 0.03 - 0.002 + 1e-4;
        assertThat(height(body, ring, 0)).isCloseTo(0.1, within(1e-4));
        assertThat(at(body, ring, 0)).isEqualTo(Material.of(Surface.NOODLE));
        assertThat(at(body, 0, 0.085)).isEqualTo(Material.of(Surface.BROTH));
        assertThat(height(body, 0, 0.085)).isCloseTo(0.72 * 0.08, within(FINE));
        int seen = 0;
        for (int i = 0; i < 100; i++) {
            seen += at(body, 0.0007 * i, 0.0003) == Material.of(Surface.NOODLE) ? 1 : 0;
        }
        assertThat(seen).as("most of the middle is noodles").isGreaterThan(60);
    }

    /** As many scoops round the axis as have room there: three of 5 cm in 14 cm, one of 6 in 7. */
    @Test
    public void sorbet() {
        Sorbet many = new Sorbet(0.14, 0.06, Surface.WHITE_CERAMIC, 0.05, Surface.SORBET);
        // the ring's radius is 31 mm: neighbours 5 cm apart take 107.5 degrees each
        assertThat(many.below()).isEqualTo(3);
        Solid body = opaque(many);
        assertThat(height(body, 0, 0)).isCloseTo(many.top(), within(FINE));
        assertThat(many.top()).isCloseTo(0.3 * 0.06 + (0.85 + 0.65) * 0.05, within(FINE));
        assertThat(height(body, 0, -0.031)).isCloseTo(0.3 * 0.06 + 0.85 * 0.05, within(FINE));
        Sorbet one = new Sorbet(0.07, 0.04, Surface.WHITE_CERAMIC, 0.06, Surface.SORBET);
        assertThat(one.below()).isEqualTo(1);
        assertThat(height(opaque(one), 0, 0)).isCloseTo(0.3 * 0.04 + 0.85 * 0.06, within(FINE));
    }

    /** Rolls stand where there is board under them; on a narrow one only the middle row. */
    @Test
    public void rolls() {
        Material crust = Material.of(Surface.BREAD_CRUST);
        Material wood = Material.of(Surface.DARK_WOOD);
        Solid wide = opaque(new Rolls(0.35, 0.3, 0.02, Surface.DARK_WOOD, 0.09, 0.055, Surface.BREAD_CRUST));
        Solid narrow = opaque(new Rolls(0.35, 0.12, 0.02, Surface.DARK_WOOD, 0.09, 0.055, Surface.BREAD_CRUST));
        double next = 1.04 * 0.09;
        double back = next * Math.sin(Math.PI / 3);
        assertThat(height(wide, 0, 0)).isCloseTo(0.075, within(FINE));
        assertThat(at(wide, next, 0)).isEqualTo(crust);
        assertThat(at(wide, next / 2, back)).isEqualTo(crust);
        assertThat(at(narrow, next, 0)).isEqualTo(crust);
        assertThat(at(narrow, next / 2, 0.055)).isEqualTo(wood);
        // what is sunk into the board does not come out under it
        assertThat(met(wide, Vector3D.of(0, 0, -1), Vector3D.of(0, 0, 1)).distance)
                .isCloseTo(1, within(FINE));
    }

    /** Bread, leaves, filling and bread again, from the side. */
    @Test
    public void filledRoll() {
        Solid roll = opaque(new FilledRoll(
                0.11, 0.1, Surface.GLAZED_CRUST, Surface.BREAD_CRUMB, Surface.GREEN_LEAF, Surface.CHOCOLATE));
        assertThat(before(roll, 0.01)).isEqualTo(Material.of(Surface.GLAZED_CRUST));
        assertThat(before(roll, 0.044)).isEqualTo(Material.of(Surface.CHOCOLATE));
        assertThat(before(roll, 0.055)).isEqualTo(Material.of(Surface.BREAD_CRUMB));
        assertThat(before(roll, 0.07)).isEqualTo(Material.of(Surface.GLAZED_CRUST));
        assertThat(side(roll, 0.043, 0)).isCloseTo(0.92 * 0.055, within(FINE));
        assertThat(height(roll, 1e-4, 0)).isCloseTo(0.1, within(1e-4));
        assertThat(at(roll, 0.0535, 0)).isEqualTo(Material.of(Surface.GREEN_LEAF));
    }

    /** Two walls of glass and what is between them, under a collar and a bulb. */
    @Test
    public void dropperBottle() {
        DropperBottle bottle = new DropperBottle(
                0.035, 0.1, Medium.AMBER_GLASS, 0.8, Medium.OIL, Surface.BLACK_RUBBER, 0.6, Surface.LABEL_PAPER);
        Body body = Bodies.of(bottle);
        Vector3D along = Vector3D.of(1, 0, 0);
        assertThat(crossings(body.clear(), Vector3D.of(-1, 0, 0.03), along)).hasSize(4);
        assertThat(before(body.opaque(), 0.025)).isEqualTo(Material.of(Surface.LABEL_PAPER));
        assertThat(before(body.opaque(), 0.005)).isNull();
        assertThat(side(body.opaque(), 0.066, 1)).isCloseTo(0.56 * 0.0175, within(FINE));
        assertThat(side(body.opaque(), 0.0888, 1)).isCloseTo(0.4 * 0.0175, within(1e-5));
        assertThat(height(body.opaque(), 1e-4, 0)).isCloseTo(0.1, within(1e-4));
    }

    /** Half the way round a tube is as broad as its flat end; half way up it is half way between. */
    @Test
    public void tube() {
        SqueezeTube tube = new SqueezeTube(0.04, 0.15, Surface.CREAM, Surface.BLACK_RUBBER, 0.4, Surface.PRINTED_CARD);
        Solid body = opaque(tube);
        assertThat(side(body, 0.149, 0)).isCloseTo(Math.PI / 4 * 0.04, within(FINE));
        assertThat(side(body, 0.149, Math.PI / 2)).isCloseTo(0.00075, within(FINE));
        double foot = 0.18 * 0.15;
        double end = 0.96 * 0.15;
        double middle = (foot + end) / 2;
        assertThat(side(body, middle, 0)).isCloseTo((0.02 + Math.PI / 4 * 0.04) / 2, within(FINE));
        assertThat(side(body, middle, Math.PI / 2)).isCloseTo((0.02 + 0.00075) / 2, within(FINE));
        assertThat(before(body, middle)).isEqualTo(Material.of(Surface.PRINTED_CARD));
        assertThat(before(body, foot + 0.01)).isEqualTo(Material.of(Surface.CREAM));
        assertThat(before(body, 0.01)).isEqualTo(Material.of(Surface.BLACK_RUBBER));
    }

    /** Twelve marks, the hands at ten past ten, and the dial sunk in its case. */
    @Test
    public void watch() {
        Watch watch = new Watch(0.04, 0.01, Surface.STEEL, Surface.WHITE_CERAMIC, Surface.BLACK_RUBBER);
        Solid body = opaque(watch);
        Material marks = Material.of(Surface.BLACK_RUBBER);
        double face = 0.84 * 0.02;
        for (int hour = 0; hour < 12; hour++) {
            double clock = 2 * Math.PI * hour / 12;
            assertThat(at(body, 0.87 * face * Math.sin(clock), 0.87 * face * Math.cos(clock)))
                    .isEqualTo(marks);
            double beside = clock + Math.PI / 12;
            assertThat(at(body, 0.87 * face * Math.sin(beside), 0.87 * face * Math.cos(beside)))
                    .isEqualTo(Material.of(Surface.WHITE_CERAMIC));
        }
        double hour = 2 * Math.PI * (10 + 10 / 60.0) / 12;
        assertThat(at(body, 0.4 * face * Math.sin(hour), 0.4 * face * Math.cos(hour)))
                .isEqualTo(marks);
        double minute = 2 * Math.PI * 10 / 60;
        assertThat(at(body, 0.7 * face * Math.sin(minute), 0.7 * face * Math.cos(minute)))
                .isEqualTo(marks);
        assertThat(height(body, 0, 0)).isCloseTo(watch.top(), within(FINE));
        assertThat(height(body, 0, -0.5 * face)).isCloseTo(0.008, within(FINE));
        assertThat(height(body, 0, -0.88 * 0.02)).isGreaterThan(0.0097);
    }
}
