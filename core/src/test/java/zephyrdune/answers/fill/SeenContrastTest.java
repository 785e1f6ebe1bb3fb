package zephyrdune.answers.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.picture.Mix;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

public class SeenContrastTest {

    private static TableSet block(double clock, double heightAngle) {
        return Sets.chowder()
                .withCamera(new Camera(CameraAngle.FORTY_FIVE, 0.1, 0.036, 0.024, 0.3))
                .withDish(new Block(0.1, 0.1, 0.1, Surface.GREY_PAPER))
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withBackdrop(new Backdrop(5, 0.1, 0.1, Surface.BLACK_PAPER))
                .withLight(Sets.box(0.05, 0.05, clock, heightAngle, 6))
                .withAmbient(new Ambient(0, 5500, 5));
    }

    private static SeenContrast of(TableSet set) {
        return SeenContrast.of(set, Mix.of(set, Set.of())).orElseThrow();
    }

    @DataProvider
    Object[][] lights() {
        return new Object[][] {{7.0, 60}, {6.0, 50}, {8.0, 45}, {5.0, 70}};
    }

    /** By the inverse square and cosine laws at the middles of top and front, and by half of what the black table sends back. */
    @Test(dataProvider = "lights")
    public void aBlockByHand(double clock, double heightAngle) {
        TableSet set = block(clock, heightAngle);
        Vector3D light = set.light().centre();
        double top = got(light, Vector3D.of(0, 0, 0.1), Vector3D.Unit.PLUS_Z);
        double table = 0.04 * got(light, Vector3D.of(0, -0.1, 0), Vector3D.Unit.PLUS_Z) / 2;
        double front = got(light, Vector3D.of(0, -0.05, 0.05), Vector3D.Unit.MINUS_Y) + table;
        SeenContrast seen = of(set);
        assertThat(seen.stops()).isCloseTo(Math.abs(Stops.between(top, front)), within(0.03));
        assertThat(seen.error()).isLessThan(0.03);
        assertThat(seen.bright().getZ()).isGreaterThan(seen.dark().getZ());
    }

    private static double got(Vector3D light, Vector3D place, Vector3D normal) {
        Vector3D way = light.subtract(place);
        return way.normalize().dot(normal) / way.normSq();
    }

    /** The side that the camera sees is what counts: the same light from its own side, from the side and from behind. */
    @Test
    public void frontSideAndBackDiffer() {
        TableSet set = Sets.chowder().withDish(new Block(0.1, 0.1, 0.1, Surface.GREY_PAPER));
        double front = of(set.withLight(Sets.box(0.4, 0.4, 7.5, 30, 0.9))).stops();
        double side = of(set.withLight(Sets.box(0.4, 0.4, 9, 45, 0.9))).stops();
        double back = of(set.withLight(Sets.box(0.4, 0.4, 12, 45, 0.9))).stops();
        assertThat(front).isLessThan(side - 0.3);
        assertThat(side).isLessThan(back - 0.3);
    }

    @Test
    public void aWhiteCardLowersIt() {
        TableSet set = block(12, 45);
        Card card = new Card(Surface.WHITE_PAPER, 0.3, 0.2, Math.PI, 0.2, 0, 0, 0);
        assertThat(of(set.withCards(List.of(card))).stops()).isLessThan(of(set).stops() - 0.5);
    }

    /** Light that comes by way of walls alone is noisier than straight light, and told to be; the mean keeps to what the error says. */
    @Test
    public void howUnsureItIsIsTold() {
        TableSet far = block(12, 45)
                .withLight(Sets.box(0.2, 0.2, 12, 45, 1))
                .withBackdrop(new Backdrop(1.4, 1, 1, Surface.BLACK_PAPER));
        TableSet walls = Sets.inRoom(far, 1.5, 1.5, Surface.WHITE_PAPER);
        SeenContrast sure = of(block(7, 60));
        SeenContrast noisy = of(walls);
        assertThat(sure.error()).isBetween(1e-4, 0.02);
        assertThat(noisy.error()).isGreaterThan(1.5 * sure.error()).isLessThan(0.2);
    }

    @Test
    public void canBeEnded() {
        TableSet set = block(9, 45);
        Mix mix = Mix.of(set, Set.of());
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> SeenContrast.of(set, mix)).isInstanceOf(CancellationException.class);
        } finally {
            Thread.interrupted();
        }
    }

    @Test
    public void nothingOfWhatIsNotSeenOrClear() {
        TableSet set = block(9, 45);
        TableSet away = set.withCamera(new Camera(
                CameraAngle.FORTY_FIVE.elevation(),
                0.1,
                0.036,
                0.024,
                0.3,
                1,
                0,
                set.camera().textSpace()));
        assertThat(SeenContrast.of(away, Mix.of(away, Set.of()))).isEmpty();
        TableSet glass = set.withDish(new DrinkGlass(0.07, 0.1, Medium.CLEAR_GLASS, 0.5, Medium.WATER, 0));
        assertThat(SeenContrast.of(glass, Mix.of(glass, Set.of()))).isEmpty();
    }
}
