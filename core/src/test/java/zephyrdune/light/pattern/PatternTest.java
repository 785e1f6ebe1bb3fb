package zephyrdune.light.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Holes;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.card.Slats;
import zephyrdune.set.card.Slit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Light;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/**
 * Strips and patches against closed forms. A light straight above the hero, a level card: seen from the table the openings cut a rectangle
 * or a circle out of the face.
 */
public class PatternTest {

    private static final double TOP = Sets.sliver().top();

    private static TableSet set(Light light, double cardHeight, Holes holes) {
        // 2 cm off the hero, so the pattern is shifted back over it
        Card card = new Card(Surface.BLACK_PAPER, 3, 3, 0, 0.02, cardHeight, 0, Math.PI / 2)
                .withCut(new Cut(holes, 0, 0, -0.02));
        return Sets.lit(light)
                .withDish(Sets.sliver())
                .withBackdrop(new Backdrop(4, 2, 1.5, Surface.GREY_PAPER))
                .withCards(List.of(card));
    }

    private static CutLine line(TableSet set) {
        return CutLine.of(set, KeyLight.of(set)).orElseThrow();
    }

    /** Howell B-3 for a rectangle from x0 to x1 and -y to y, over the element at height h (the catalogue's number from memory). */
    private static double factor(double x0, double x1, double y, double h) {
        return 2 * (corner(x1, y, h) - corner(x0, y, h));
    }

    private static double corner(double a, double b, double c) {
        double x = Math.abs(a) / c;
        double y = b / c;
        double rx = Math.hypot(1, x);
        double ry = Math.hypot(1, y);
        return Math.signum(a) * (x / rx * Math.atan(y / rx) + y / ry * Math.atan(x / ry)) / (2 * Math.PI);
    }

    /** Light along the line under a slit: the part of the face between the slit's edges, by the catalogue. */
    @Test
    public void slitProfileIsTheRectangleSeenThroughIt() {
        double distance = 0.9;
        double height = 0.4;
        double gap = 0.08;
        TableSet set = set(box(0.3, 0.5, 12, 90, distance), height, new Slit(gap));
        KeyLight key = KeyLight.of(set);
        CutLine line = line(set);
        assertThat(Math.abs(line.along().getX())).isCloseTo(1, within(1e-9));
        double h = distance - TOP;
        double a = distance - height;
        double scale = h / (height - TOP);
        assertThat(line.lightToCard()).isCloseTo(a, within(1e-9));
        for (double x : new double[] {0, 0.03, 0.08, 0.15, 0.2, 0.24}) {
            // of the face, as its middle has it, what is seen between the edges
            double left = Math.max(-0.15, x + (-gap / 2 - x) * scale);
            double right = Math.min(0.15, x + (gap / 2 - x) * scale);
            double expected = right <= left ? 0 : factor(left - x, right - x, 0.25, h);
            double found = key.at(Vector3D.of(x, 0, TOP), Vector3D.Unit.PLUS_Z)
                    / key.face().luminance()
                    / Math.PI;
            assertThat(found).as("at " + x).isCloseTo(expected, within(1e-9));
        }
    }

    private static Patches patches(TableSet set) {
        return Patches.of(line(set), KeyLight.of(set), set.cards().get(0).cut().holes(), 0.25);
    }

    /** Full light g (a + b) / a - s b / a, the edge s b / a: similar triangles, exact for a slit along a face at right angles to the ray. */
    @Test
    public void stripBySimilarTriangles() {
        TableSet set = set(box(0.1, 0.5, 12, 90, 1), 0.3, new Slit(0.2));
        double a = 0.7;
        double b = 0.3 - TOP;
        double size = 0.1;
        LightStrip strip = LightStrip.of(line(set), KeyLight.of(set));
        double widened = 0.2 * (a + b) / a;
        double blur = size * b / a;
        // "full" stops at 99 %, which is reached 1 % of the edge further out on each side
        assertThat(strip.full().orElseThrow().width()).isCloseTo(widened - blur + 0.02 * blur, within(0.003 * widened));
        assertThat(strip.half().width()).isCloseTo(widened, within(0.003 * widened));
        assertThat(strip.edge()).isCloseTo(0.8 * blur, within(0.02 * blur));
    }

    /** Narrow openings far apart, under a small light: still as wide, and as soft at their edges, as similar triangles have them. */
    @Test
    public void narrowOpeningsFarApart() {
        for (double opening : new double[] {0.008, 0.004}) {
            double pitch = 0.15;
            double size = 0.005;
            TableSet set = set(box(size, size, 12, 90, 1), 0.5, new Slats(opening, pitch - opening));
            double widening = (1 - TOP) / 0.5;
            double blur = size * (0.5 - TOP) / 0.5;
            Patches patches = patches(set);
            assertThat(patches.size())
                    .as("%s", opening)
                    .isCloseTo(opening * widening, within(0.03 * opening * widening));
            assertThat(patches.blur()).as("%s", opening).isCloseTo(0.8 * blur, within(0.05 * blur));
        }
    }

    @Test
    public void closedSlitLeavesNothingAndAFlagAnEdge() {
        TableSet shut = set(box(0.1, 0.1, 12, 90, 1), 0.3, new Slit(0));
        assertThat(LightStrip.of(line(shut), KeyLight.of(shut)).most()).isZero();
        Card flag = new Card(Surface.BLACK_PAPER, 0.4, 0.4, 3 * Math.PI / 6, 0.25, 0.3, 0, Math.PI / 2);
        TableSet flagged =
                Sets.lit(box(0.1, 0.1, 12, 90, 1)).withDish(Sets.sliver()).withCards(List.of(flag));
        LightStrip strip = LightStrip.of(line(flagged), KeyLight.of(flagged));
        double b = 0.3 - TOP;
        assertThat(strip.edge()).isCloseTo(0.8 * 0.1 * b / 0.7, within(0.002));
        assertThat(Double.isFinite(strip.half().width())).isFalse();
    }

    /** Hole of radius r: patch 2 r (a + b) / a, blur s b / a, for a small light; common optics of the shadow, similar triangles. */
    @Test
    public void patchOfASmallLight() {
        Light small = box(0.02, 0.02, 12, 90, 1).withFace(new Disc(0.02));
        TableSet set = set(small, 0.4, new RoundHoles(0.04, 0.09));
        double a = 0.6;
        double b = 0.4 - TOP;
        Patches patches = patches(set);
        assertThat(patches.contrast()).isCloseTo(1, within(1e-6));
        assertThat(patches.brightest()).isCloseTo(1, within(0.005));
        assertThat(patches.size()).isCloseTo(0.04 * (a + b) / a, within(0.0015));
        assertThat(patches.blur()).isLessThan(0.02 * b / a);
        assertThat(Math.abs(patches.peak())).isLessThan(0.001);
    }

    /** A hole far smaller than the blur is a pinhole: the patch has the size s b / a of the light's image. */
    @Test
    public void smallHoleShowsTheLight() {
        Light disc = box(0.3, 0.3, 12, 90, 1.2).withFace(new Disc(0.3));
        TableSet set = set(disc, 0.4, new RoundHoles(0.004, 0.45));
        double image = 0.3 * (0.4 - TOP) / 0.8;
        Patches patches = patches(set);
        assertThat(patches.size()).isCloseTo(image, within(0.03 * image));
        assertThat(patches.brightest()).isLessThan(0.01);
    }

    /** Sparse and fine: a hole of 12 mm in a repeat of 45 cm, and its edge, by similar triangles. */
    @Test
    public void aSparsePatternIsReadAsFinelyAsItIs() {
        Light small = box(0.01, 0.01, 12, 90, 1).withFace(new Disc(0.006));
        TableSet set = set(small, 0.4, new RoundHoles(0.012, 0.45));
        double a = 0.6;
        double b = 0.4 - TOP;
        Patches patches = patches(set);
        assertThat(patches.size()).isCloseTo(0.012 * (a + b) / a, within(0.0004));
        assertThat(patches.blur()).isBetween(0.5 * 0.006 * b / a, 0.006 * b / a);
    }

    /** A hole beside the hero's middle is exposed for where it throws its patch: by similar triangles, from straight above. */
    @Test
    public void theBrightestPatchIsWhereAnOpeningThrowsIt() {
        Light small = box(0.02, 0.02, 12, 90, 1);
        Block wide = new Block(0.2, 0.2, TOP, Surface.GREY_PAPER);
        TableSet straight = set(small, 0.4, new RoundHoles(0.006, 0.45)).withDish(wide);
        Card card = straight.cards().get(0);
        TableSet set =
                straight.withCards(List.of(card.withCut(new Cut(card.cut().holes(), 0, 0.031, 0.017 - 0.02))));
        KeyLight key = KeyLight.of(set);
        double off = Math.hypot(0.031, 0.017) * (1 - TOP) / 0.6;
        // all of the hole is seen from a square of the light less the hole; the nearer to the light's foot, the
        // brighter
        double even = (0.02 * (0.4 - TOP) - 0.006 * (1 - TOP)) / 0.6 / 2;
        assertThat(off - key.brightest().distance(key.hero())).isBetween(0.0, Math.sqrt(2) * even);
        double open = key.openAt(key.brightest(), Vector3D.Unit.PLUS_Z);
        assertThat(key.heroIlluminance() / open).isBetween(0.02, 1.0);
        assertThat(patches(set).peak()).isCloseTo(0, within(0.001));
    }

    /** Where the middle has nearly as much as the best place, one exposes for the middle. */
    @Test
    public void theMiddleIsTakenWhereItIsAsGood() {
        TableSet set = set(box(0.3, 0.3, 12, 90, 1), 0.7, new Slats(0.01, 0.01))
                .withDish(new Block(0.2, 0.2, TOP, Surface.GREY_PAPER));
        KeyLight key = KeyLight.of(set);
        assertThat(key.brightest()).isEqualTo(key.hero());
    }

    @DataProvider
    Object[][] gratings() {
        return new Object[][] {{0.010}, {0.025}, {0.04}, {0.06}, {0.085}, {0.1}};
    }

    /**
     * Slats far from the table and a far light: the profile is a square wave of period p convolved with a box as wide as the blur, whose
     * contrast is that of a trapezoid wave, in closed form.
     */
    @Test(dataProvider = "gratings")
    public void slatContrastIsThatOfTheConvolution(double size) {
        double distance = 5;
        double height = 1.4;
        double gap = 0.02;
        double slat = 0.02;
        Light light = box(0.05, size, 12, 90, distance);
        TableSet set = set(light, height, new Slats(gap, slat));
        double a = distance - height;
        double b = height - TOP;
        double period = (gap + slat) * (a + b) / a;
        double open = gap * (a + b) / a;
        double blur = size * b / a;
        double found = patches(set).contrast();
        double brightest = covered(0, open, period, blur);
        double darkest = covered(period / 2, open, period, blur);
        assertThat(found).isCloseTo((brightest - darkest) / (brightest + darkest), within(0.012));
    }

    /** Share of a window as wide as the blur, about a place, that a square wave's openings cover. */
    private static double covered(double at, double open, double period, double blur) {
        return IntStream.rangeClosed(-9, 9)
                        .mapToDouble(i -> Math.max(
                                0,
                                Math.min(at + blur / 2, i * period + open / 2)
                                        - Math.max(at - blur / 2, i * period - open / 2)))
                        .sum()
                / blur;
    }

    /** Common practice, no published source: a hole card nearer to the dish is sharper, and a big source wipes the pattern out. */
    @Test
    public void nearerIsSharperAndABigLightWipesOut() {
        Holes holes = new RoundHoles(0.03, 0.06);
        double before = 0;
        for (double height : new double[] {0.15, 0.4, 0.7}) {
            TableSet set = set(box(0.06, 0.06, 12, 90, 1), height, holes);
            double blur = patches(set).blur();
            assertThat(blur).isGreaterThan(before);
            before = blur;
        }
        TableSet wiped = set(box(0.9, 0.9, 12, 90, 1), 0.3, holes);
        assertThat(patches(wiped).contrast()).isLessThan(0.1);
    }

    /**
     * Close before a big light no hole throws anything that could be told apart, though light falls off, and though it ends where the
     * repeats, thrown metres wide, leave the light behind: common practice, no published source.
     */
    @Test
    public void aPatternCloseBeforeTheLightIsGone() {
        for (double degrees : new double[] {35, 60, 80}) {
            double angle = Math.toRadians(degrees);
            double out = 0.74;
            // square to the light's way, facing the hero
            Card card = new Card(
                            Surface.BLACK_PAPER,
                            0.9,
                            0.9,
                            9 * Math.PI / 6,
                            out * Math.cos(angle),
                            out * Math.sin(angle) - 0.45 * Math.cos(angle),
                            0,
                            -angle)
                    .withCut(new Cut(new RoundHoles(0.03, 0.06), 0, 0, 0));
            TableSet set = Sets.lit(box(0.9, 0.9, 9, degrees, 0.8))
                    .withDish(Sets.sliver())
                    .withCards(List.of(card));
            assertThat(patches(set).contrast()).as("%s degrees up", degrees).isLessThan(0.1);
        }
    }
}
