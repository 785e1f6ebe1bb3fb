package zephyrdune.answers.highlight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.picture.Mix;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.light.Light;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/** A light's image in a flat mirror, by similar triangles; and what of it there is on other things. */
public class HighlightTest {

    private static final double FRAMED = 0.3;

    /** A flat slab seen from 45 degrees, lit from the other side under the same angle. */
    private static TableSet slab(Surface surface, double width, double height, double distance) {
        return Sets.chowder()
                .withCamera(new Camera(CameraAngle.FORTY_FIVE, 0.1, 0.036, 0.024, FRAMED))
                .withDish(new Block(0.5, 0.5, 0.005, surface))
                .withLight(box(width, height, 12, 45, distance))
                .withAmbient(new Ambient(0, 5500, 5));
    }

    private static Optional<Highlight> of(TableSet set) {
        return Highlight.of(set, Mix.of(set, Set.of()));
    }

    @DataProvider
    Object[][] lights() {
        return new Object[][] {{0.1, 0.05, 0.8}, {0.2, 0.1, 1.0}, {0.05, 0.2, 0.7}};
    }

    /** The eye sees the light as far behind the mirror as it is before it: as wide on the mirror as s / (s + d) of it. */
    @Test(dataProvider = "lights")
    public void anImageInAMirror(double width, double height, double distance) {
        TableSet set = slab(Surface.MIRROR, width, height, distance);
        Highlight found = of(set).orElseThrow();
        double away = set.camera().subjectDistance();
        double share = away / (away + distance);
        double cell = FRAMED / 84;
        // square to the line of sight the mirror leans by 45 degrees, and so it is the light's own height that is seen
        assertThat(found.length()).isCloseTo(share * Math.max(width, height), within(2.5 * cell));
        assertThat(found.width()).isCloseTo(share * Math.min(width, height), within(2.5 * cell));
        assertThat(Math.hypot(found.place().getX(), found.place().getY())).isLessThan(0.01);
        assertThat(found.roughness()).isZero();
    }

    /** A mirror shows the light as bright as it is; the same light on dark metal of the same shape glints less. */
    @Test
    public void aGlazeMirrorsLessThanAMirror() {
        Highlight mirror = of(slab(Surface.MIRROR, 0.1, 0.1, 0.8)).orElseThrow();
        Highlight glaze = of(slab(Surface.WHITE_CERAMIC, 0.1, 0.1, 0.8)).orElseThrow();
        assertThat(mirror.above()).isGreaterThan(glaze.above() + 2);
        assertThat(glaze.above()).isGreaterThan(0.3);
        assertThat(glaze.length()).isCloseTo(mirror.length(), within(0.01));
    }

    @Test
    public void matteThingsHaveNone() {
        assertThat(of(slab(Surface.GREY_PAPER, 0.1, 0.1, 0.8))).isEmpty();
    }

    /** From the camera's own side the image lies elsewhere. */
    @Test
    public void notWhereTheMirrorThrowsItAway() {
        TableSet set = slab(Surface.MIRROR, 0.1, 0.1, 0.8);
        Light side = box(0.1, 0.1, 9, 30, 0.8);
        assertThat(of(set.withLight(side))).isEmpty();
    }

    /** On a glass a strip draws a long narrow line. */
    @Test
    public void aStripDrawsALineOnGlass() {
        TableSet glass = Sets.chowder()
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.1, 0.036, 0.024, FRAMED))
                .withDish(new DrinkGlass(0.07, 0.15, Medium.CLEAR_GLASS, 0.5, Medium.WATER, 0));
        Highlight strip = of(glass.withLight(box(0.1, 0.5, 9, 22, 0.8))).orElseThrow();
        Highlight square = of(glass.withLight(box(0.5, 0.5, 9, 22, 0.8))).orElseThrow();
        assertThat(strip.length() / strip.width()).isGreaterThan(1.5 * square.length() / square.width());
        assertThat(strip.above()).isPositive();
    }
}
