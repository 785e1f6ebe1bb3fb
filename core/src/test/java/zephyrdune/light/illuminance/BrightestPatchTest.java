package zephyrdune.light.illuminance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Block;
import zephyrdune.set.light.Light;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/** The patch exposed for, against similar triangles: where rays from the light's middle through a single hole come down. */
public class BrightestPatchTest {

    private static final double TOP = 0.03;
    private static final double HEIGHT = 0.35;

    /** A level card over a block, with one hole at a place of the table; the light from 2 o'clock, 55 degrees up. */
    private static TableSet set(double width, double depth, double face, double hole, double x, double y) {
        return under(box(face, face, 2, 55, 1), width, depth, hole, x, y);
    }

    private static TableSet under(Light light, double width, double depth, double hole, double x, double y) {
        // lies with its width along -x, its height along +y, and 2 cm off the hero
        Card card = new Card(Surface.BLACK_PAPER, 3, 3, 0, 0.02, HEIGHT, 0, Math.PI / 2)
                .withCut(new Cut(new RoundHoles(hole, 0.5), 0, -x, y - 0.02));
        return Sets.lit(light)
                .withBackdrop(new Backdrop(4, 2, 1.5, Surface.GREY_PAPER))
                .withDish(new Block(width, depth, TOP, Surface.GREY_PAPER))
                .withCards(List.of(card));
    }

    /** Where the ray from the light's middle past a place of the card meets the top. */
    private static Vector3D image(TableSet set, double x, double y) {
        Vector3D light = KeyLight.of(set).face().centre();
        double share = (light.getZ() - TOP) / (light.getZ() - HEIGHT);
        return Vector3D.of(light.getX() + share * (x - light.getX()), light.getY() + share * (y - light.getY()), TOP);
    }

    /** The hole that throws its image there. */
    private static TableSet throwing(double width, double depth, double face, double hole, double x, double y) {
        TableSet any = set(width, depth, face, hole, 0, 0);
        Vector3D middle = image(any, 0, 0);
        Vector3D one = image(any, 1, 0);
        double widened = one.getX() - middle.getX();
        return set(width, depth, face, hole, (x - middle.getX()) / widened, (y - middle.getY()) / widened);
    }

    @DataProvider
    Object[][] places() {
        return new Object[][] {{0.031, 0.114}, {-0.126, 0.047}, {0.088, -0.092}, {-0.05, -0.131}};
    }

    /** A patch of 2 mm on a top of 40 cm: no raster of the top would meet it. */
    @Test(dataProvider = "places")
    public void aPinholesImageIsFound(double x, double y) {
        TableSet set = throwing(0.4, 0.4, 0.005, 0.002, x, y);
        KeyLight key = KeyLight.of(set);
        assertThat(key.brightest().distance(Vector3D.of(x, y, TOP))).isLessThan(1e-3);
        assertThat(key.heroIlluminance()).isPositive();
        assertThat(key.at(key.hero(), Vector3D.Unit.PLUS_Z)).isZero();
    }

    /** What falls beside an oblong top is not exposed for, though nearer to its middle than its ends are. */
    @Test
    public void anImageBesideTheTopDoesNotCount() {
        TableSet beside = throwing(0.4, 0.06, 0.005, 0.002, 0, 0.06);
        KeyLight key = KeyLight.of(beside);
        assertThat(key.brightest()).isEqualTo(key.hero());
        assertThat(key.heroIlluminance()).isZero();
        // near the rim, beyond four fifths of the way out, neither
        assertThat(KeyLight.of(throwing(0.4, 0.06, 0.005, 0.002, 0.17, 0)).heroIlluminance())
                .isZero();
        assertThat(KeyLight.of(throwing(0.4, 0.06, 0.005, 0.002, 0.15, 0)).heroIlluminance())
                .isPositive();
        assertThat(KeyLight.of(throwing(0.4, 0.06, 0.005, 0.002, 0.15, 0.02)).heroIlluminance())
                .isPositive();
    }

    /**
     * The image falls outside, its blur reaches in: uphill one comes to the place of the top nearest to it, four fifths of the way out, to
     * the last step of 0.2 mm.
     */
    @Test
    public void aBlursFlankIsFollowedToTheRim() {
        double rim = 0.8 * 0.1;
        for (int side : new int[] {1, -1}) {
            Vector3D right = KeyLight.of(throwing(0.2, 0.2, 0.15, 0.06, side * 0.12, 0.03))
                    .brightest();
            assertThat(right.getX()).as("right").isCloseTo(side * rim, within(4e-4));
            assertThat(right.getY()).isBetween(-rim, rim);
            Vector3D back = KeyLight.of(throwing(0.2, 0.2, 0.15, 0.06, 0.03, side * 0.12))
                    .brightest();
            assertThat(back.getY()).as("back").isCloseTo(side * rim, within(4e-4));
        }
    }

    /** No place of a dense raster over the top has more than a hundredth of a stop more than the one that was found. */
    @Test
    public void noPlaceHasMore() {
        for (double hole : new double[] {0.01, 0.03, 0.06}) {
            TableSet set = throwing(0.2, 0.2, 0.05, hole, 0.05, -0.04);
            KeyLight key = KeyLight.of(set);
            double most = IntStream.range(0, 81 * 81)
                    .mapToDouble(i -> key.at(
                            Vector3D.of((i % 81 - 40) * 0.002, (i / 81 - 40) * 0.002, TOP), Vector3D.Unit.PLUS_Z))
                    .max()
                    .orElseThrow();
            assertThat(key.heroIlluminance()).as("hole " + hole).isGreaterThan(most * Math.pow(2, -0.01));
        }
    }

    /** Pinholes whose images of the light just overlap: most light is in seams a few millimetres wide; found to 0.02 stop. */
    @Test
    public void narrowSeamsBetweenImagesAreFound() {
        for (double pitch = 0.02; pitch < 0.05; pitch += 0.004) {
            Card card = new Card(Surface.BLACK_PAPER, 0.4, 0.4, 10 * Math.PI / 6, 0.35, 0.2, 0, -Math.PI / 6)
                    .withCut(Cut.of(new RoundHoles(0.004, pitch)));
            TableSet set = Sets.lit(box(0.06, 0.06, 10, 50, 0.9))
                    .withDish(new Block(0.2, 0.2, TOP, Surface.GREY_PAPER))
                    .withCards(List.of(card));
            KeyLight key = KeyLight.of(set);
            double most = IntStream.range(0, 161 * 161)
                    .mapToDouble(i -> key.at(
                            Vector3D.of((i % 161 - 80) * 0.001, (i / 161 - 80) * 0.001, TOP), Vector3D.Unit.PLUS_Z))
                    .max()
                    .orElseThrow();
            // the middle may be taken for as good within a tenth
            boolean middle = key.brightest().equals(key.hero());
            assertThat(key.heroIlluminance())
                    .as("pitch " + pitch)
                    .isGreaterThan(most * Math.pow(2, middle ? -0.12 : -0.02));
        }
    }

    /** The hero's middle is kept where it has nearly as much: within a tenth of a stop, and not beyond. */
    @Test
    public void theMiddleWithinATenthOfAStop() {
        int kept = 0;
        for (int i = 1; i <= 12; i++) {
            TableSet set = throwing(0.2, 0.2, 0.05, 0.03, 0.004 * i, 0);
            KeyLight key = KeyLight.of(set);
            double middle = key.at(key.hero(), Vector3D.Unit.PLUS_Z);
            double image = key.at(Vector3D.of(0.004 * i, 0, TOP), Vector3D.Unit.PLUS_Z);
            boolean asGood = middle >= image * Math.pow(2, -0.1);
            assertThat(key.brightest().equals(key.hero()))
                    .as("off by " + 4 * i + " mm")
                    .isEqualTo(asGood);
            kept += asGood ? 1 : 0;
        }
        assertThat(kept).isBetween(1, 11);
    }

    @Test
    public void canBeEnded() {
        KeyLight key = KeyLight.of(throwing(0.2, 0.2, 0.05, 0.03, 0.05, 0));
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(key::brightest).isInstanceOf(CancellationException.class);
        } finally {
            Thread.interrupted();
        }
    }
}
