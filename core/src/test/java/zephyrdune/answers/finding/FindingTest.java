package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Biscuit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/** Every kind of finding turns up where it should, and what is tried mends it. */
public class FindingTest {

    private static final double HOUR = Math.PI / 6;

    private static Card white(double size, double clock, double distance) {
        return new Card(Surface.WHITE_PAPER, size, size, clock * HOUR, distance, 0, 0, 0);
    }

    @DataProvider
    Object[][] spoilt() {
        TableSet plain = Sets.lit(box(0.5, 0.5, 9, 45, 1.2));
        TableSet straight = plain.withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.6));
        Card holed = new Card(Surface.BLACK_PAPER, 0.6, 0.6, 9 * HOUR, 0.5, 0.3, 0, -0.8)
                .withCut(Cut.of(new RoundHoles(0.02, 0.04)));
        Prop post = new Prop(new Block(0.1, 0.3, 0.3, Surface.PALE_WOOD), -0.25, 0, 0, 0);
        TableSet text = plain.withCamera(plain.camera().withTextSpace(new TextSpace(TextSpace.Side.LEFT, 0.45)));
        return new Object[][] {
            {
                Finding.Kind.SHUTTER_BEYOND_SYNC,
                plain.withExposure(plain.exposure().withShutter(1 / 500.0))
            },
            {
                Finding.Kind.POWER_AT_ITS_END,
                plain.withExposure(plain.exposure().withAperture(22).withSpeed(100))
            },
            {
                Finding.Kind.POWER_AT_ITS_END,
                plain.withAmbient(new Ambient(0, 3200, 5))
                        .withExposure(plain.exposure().withAperture(1.4).withSpeed(6400))
            },
            {Finding.Kind.ROOM_TOO_BRIGHT, plain.withAmbient(new Ambient(20_000, 5500, 5))},
            {Finding.Kind.BLOWN_OUT, plain.withExposure(plain.exposure().withBias(3))},
            {
                Finding.Kind.CARD_SHADES_HERO,
                plain.withCards(List.of(new Card(Surface.WHITE_PAPER, 0.25, 0.25, 9 * HOUR, 0.2, 0.05, 0, 0)))
            },
            // a thin post between the places of the top that are read: its shade lies across the hero
            {
                Finding.Kind.PROP_SHADES_HERO,
                Sets.lit(box(0.05, 0.05, 9, 30, 1.5))
                        .withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, 0.3))
                        .withDish(new Block(0.1, 0.1, 0.1, Surface.GREY_PAPER))
                        .withProps(
                                List.of(new Prop(new Block(0.03, 0.018, 0.3, Surface.PALE_WOOD), -0.15, 0.015, 0, 0)))
            },
            {
                Finding.Kind.PANEL_PARTLY_LIT,
                plain.withLight(box(0.6, 0.6, 9, 45, 1.2).withFilling(new FromBehind(0.2)))
            },
            {
                Finding.Kind.SNOOT_TOO_SMALL,
                plain.withLight(box(0.6, 0.6, 9, 45, 1.2).withSpread(new Snooted(1, 0.08, 0.2, 1)))
            },
            {Finding.Kind.ROOM_SHOWS, plain.withAmbient(new Ambient(400, 3200, 5))},
            {Finding.Kind.TEXT_COVERED, text},
            {Finding.Kind.LIGHT_IN_FRAME, straight.withLight(box(0.4, 0.4, 12, 25, 0.9))},
            {
                Finding.Kind.STAND_IN_FRAME,
                straight.withTableTop(new TableTop(Surface.PALE_WOOD, 0.3, 0.3, 0.2, 0.3))
                        .withLight(box(0.2, 0.2, 11.8, 60, 1.2))
            },
            {Finding.Kind.CARD_IN_FRAME, plain.withCards(List.of(white(0.2, 2, 0.18)))},
            {
                Finding.Kind.CARD_THROUGH,
                plain.withCards(List.of(white(0.3, 3, 0.5), white(0.6, 3, 0.5).facing(0.5, 0)))
            },
            {Finding.Kind.FLARE, Sets.lit(box(0.3, 0.3, 12, 26, 1.1))},
            {Finding.Kind.CAMERA_IN_THE_WAY, Sets.lit(box(0.3, 0.3, 6, 45, 1.8))},
            {
                Finding.Kind.BASE_IN_THE_WAY,
                plain.withLight(box(0.1, 0.1, 9, 45, 1.4)).withBase(new BroadBase(1, 1.2, 1.2, 9 * HOUR, 0.8, 1.2))
            },
            {Finding.Kind.PROP_SHADES_HERO, plain.withProps(List.of(post))},
            {Finding.Kind.FLAG_EDGE_IN_FRAME, plain.withCards(List.of(white(0.4, 9, 0.25)))},
            {Finding.Kind.PATTERN_WIPED_OUT, plain.withCards(List.of(holed))},
            {Finding.Kind.HOT_SPOT, Sets.lit(box(0.2, 0.2, 9, 20, 0.35))},
            {
                Finding.Kind.FILL_FLATTENS,
                plain.withLight(box(0.5, 0.5, 9, 60, 1.2))
                        .withCards(List.of(new Card(Surface.MIRROR, 0.4, 0.4, 3 * HOUR, 0.3, 0, 0, 0)))
            },
        };
    }

    @Test(dataProvider = "spoilt")
    public void isFoundAndMended(Finding.Kind kind, TableSet set) {
        Finding found = Finding.of(set, kind).orElseThrow();
        assertThat(found.words()).isNotBlank();
        assertThat(found.action()).isNotBlank();
        assertThat(Finding.of(found.tried().orElseThrow(), kind)).isEmpty();
    }

    @Test
    public void blackFramesAreTold() {
        TableSet dark = Sets.lit(box(0.5, 0.5, 9, 45, 1.2))
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withAmbient(new Ambient(0, 3200, 5));
        assertThat(Finding.of(dark, Finding.Kind.BLOCKED)).isEmpty();
        TableSet under = dark.withLight(dark.light().withPower(PowerChoice.FIXED, 7))
                .withExposure(dark.exposure().withAperture(32).withSpeed(50));
        Finding black = Finding.of(under, Finding.Kind.BLOCKED).orElseThrow();
        assertThat(black.words()).matches("\\d+ % of the frame is black without detail");
        assertThat(black.tried()).isEmpty();
    }

    /** Where the room alone is too much, no power is to blame; a faster shutter, or else the speed, leaves the flash something to do. */
    @Test
    public void aRoomThatIsTooBrightIsNotThePowersFault() {
        TableSet plain = Sets.lit(box(0.5, 0.5, 9, 45, 1.2));
        TableSet bright = plain.withAmbient(new Ambient(20_000, 5500, 5));
        assertThat(Finding.of(bright, Finding.Kind.POWER_AT_ITS_END)).isEmpty();
        Finding found = Finding.of(bright, Finding.Kind.ROOM_TOO_BRIGHT).orElseThrow();
        MeteredExposure metered = MeteredExposure.of(bright, KeyLight.of(bright));
        double over = Stops.between(metered.light().ambient(), metered.wanted());
        assertThat(found.words()).matches("The room alone is \\d\\.\\d stops too bright for these settings");
        assertThat(Double.parseDouble(found.words().replaceAll("[^0-9.]", ""))).isCloseTo(over, within(0.0501));
        TableSet mended = found.tried().orElseThrow();
        assertThat(mended.exposure().beyondSync()).isFalse();
        assertThat(Math.abs(MeteredExposure.of(mended, KeyLight.of(mended)).off()))
                .isLessThan(0.2);
    }

    /** With a fixed power the bias changes nothing, so it is not offered. */
    @Test
    public void fixedPowerIsNotMendedByTheBias() {
        TableSet set = Sets.lit(box(0.5, 0.5, 9, 45, 1.2).withPower(PowerChoice.FIXED, 0))
                .withExposure(Sets.EXPOSURE.withSpeed(6400));
        assertThat(Finding.of(set, Finding.Kind.BLOWN_OUT).orElseThrow().tried())
                .isEmpty();
    }

    @Test
    public void theWorstThreeAreTold() {
        TableSet straight = Sets.lit(box(0.4, 0.4, 12, 25, 0.9))
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.6));
        assertThat(Finding.of(straight.withCards(List.of(white(0.2, 2, 0.18)))))
                .hasSizeLessThanOrEqualTo(Finding.FEW)
                .extracting(Finding::kind)
                .isSorted()
                .startsWith(Finding.Kind.LIGHT_IN_FRAME);
    }

    @Test
    public void aGoodSetHasNone() {
        TableSet good = Sets.lit(box(0.6, 0.6, 9, 45, 1)).withAmbient(new Ambient(50, 3200, 5));
        assertThat(Finding.of(good)).isEmpty();
        TableSet biscuit =
                good.withProps(List.of(new Prop(new Biscuit(0.06, 0.01, Surface.BAKED_PASTRY), 0.2, 0, 0, 0)));
        assertThat(Finding.of(biscuit)).isEmpty();
    }
}
