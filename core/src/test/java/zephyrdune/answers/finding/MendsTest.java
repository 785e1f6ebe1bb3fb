package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.answers.finding.Told.figure;
import static zephyrdune.answers.finding.Told.found;
import static zephyrdune.answers.finding.Told.metres;
import static zephyrdune.set.Sets.box;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.picture.CardsInFrame;
import zephyrdune.render.picture.LightInFrame;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;

/** What is offered changes what it says, by what it says, the right way, and hardly further than it must. */
public class MendsTest {

    private static final double HOUR = Math.PI / 6;

    private static TableSet plain() {
        return Sets.lit(box(0.5, 0.5, 9, 45, 1.2)).withAmbient(new Ambient(0, 5500, 5));
    }

    private static TableSet tried(TableSet set, Finding.Kind kind) {
        return found(set, kind).tried().orElseThrow();
    }

    /** From above through a long lens the frame is a plan of 30 by 20 cm, and the hero 10 by 10 cm in its middle. */
    private static TableSet plan(TextSpace.Side side) {
        Camera camera = new Camera(CameraAngle.OVERHEAD, 0.3, 0.036, 0.024, 0.3);
        return plain().withDish(new Block(0.1, 0.1, 0.005, Surface.GREY_PAPER))
                .withCamera(camera.withTextSpace(new TextSpace(side, 0.45)));
    }

    @DataProvider
    Object[][] sides() {
        return new Object[][] {
            {TextSpace.Side.LEFT, 13, -1, 0},
            {TextSpace.Side.RIGHT, 13, 1, 0},
            {TextSpace.Side.TOP, 15, 0, 1},
            {TextSpace.Side.BOTTOM, 15, 0, -1}
        };
    }

    /**
     * To the sides 3.5 of 13.5 cm are covered for half of the height, above and below 4 of 9 cm for a third of the width; the frame moves until
     * that is gone.
     */
    @Test(dataProvider = "sides")
    public void spaceForTextOnEverySide(TextSpace.Side side, double covered, int right, int up) {
        TableSet set = plan(side);
        Finding found = found(set, Finding.Kind.TEXT_COVERED);
        assertThat(figure(found.words())).isCloseTo(covered, within(2.0));
        Camera moved = found.tried().orElseThrow().camera();
        double by = metres(found.action());
        assertThat(moved.shiftRight()).isCloseTo(right * by, within(1e-9));
        assertThat(moved.shiftUp()).isCloseTo(up * by, within(1e-9));
        double needed = right != 0 ? 0.035 : 0.04;
        assertThat(by).isCloseTo(needed, within(0.012));
    }

    /** The light goes up until it is out of the frame, and two degrees less would not do. */
    @Test
    public void theLightIsRaisedOutOfTheFrame() {
        TableSet set = plain().withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.6))
                .withLight(box(0.4, 0.4, 12, 25, 0.9));
        Finding found = found(set, Finding.Kind.LIGHT_IN_FRAME);
        TableSet raised = found.tried().orElseThrow();
        double by = raised.light().heightAngle() - set.light().heightAngle();
        assertThat(found.action()).isEqualTo("Raise it by %.0f°".formatted(Math.toDegrees(by)));
        assertThat(shown(raised)).isZero();
        TableSet less =
                set.withLight(raised.light().withHeightAngle(raised.light().heightAngle() - Math.toRadians(2)));
        assertThat(shown(less)).isPositive();
    }

    private static double shown(TableSet set) {
        LightInFrame seen = LightInFrame.of(set);
        return seen.face() + seen.back();
    }

    /** A card goes out along its direction until the frame does not see it; its number is the one it has in the list. */
    @Test
    public void theSecondCardIsMovedOut() {
        Card away = new Card(Surface.WHITE_PAPER, 0.2, 0.2, 3 * HOUR, 0.8, 0, 0, 0);
        Card seen = new Card(Surface.WHITE_PAPER, 0.2, 0.2, 2 * HOUR, 0.18, 0, 0, 0);
        TableSet set = plain().withCards(List.of(away, seen));
        Finding found = found(set, Finding.Kind.CARD_IN_FRAME);
        assertThat(found.words()).startsWith("Card 2 ");
        TableSet moved = found.tried().orElseThrow();
        double by = metres(found.action());
        assertThat(moved.cards().get(1).distance()).isCloseTo(0.18 + by, within(1e-5));
        assertThat(CardsInFrame.of(moved).share(1)).isZero();
        List<Card> less = new ArrayList<>(moved.cards());
        less.set(1, seen.withDistance(0.18 + by - 0.02));
        assertThat(CardsInFrame.of(set.withCards(less)).share(1)).isPositive();
    }

    /** A prop goes aside, square to the light's way or away from it, by what is said. */
    @Test
    public void thePropIsMovedAside() {
        Prop beside = new Prop(new Block(0.02, 0.02, 0.02, Surface.PALE_WOOD), 0.3, 0.3, 0, 0);
        Prop post = new Prop(new Block(0.1, 0.3, 0.3, Surface.PALE_WOOD), -0.25, 0, 0, 0.2);
        TableSet set = plain().withProps(List.of(beside, post));
        Finding found = found(set, Finding.Kind.PROP_SHADES_HERO);
        assertThat(found.words()).startsWith("Prop 2 ");
        Prop moved = found.tried().orElseThrow().props().get(1);
        double by = metres(found.action());
        assertThat(Math.hypot(moved.x() - post.x(), moved.y() - post.y())).isCloseTo(by, within(1e-5));
        assertThat(moved.lift()).isEqualTo(post.lift());
        assertThat(moved.turn()).isEqualTo(post.turn());
        assertThat(found.tried().orElseThrow().props().get(0)).isEqualTo(beside);
    }

    /** Too little power: the speed makes up for just what is missing, in third stops; at the end of the scale the aperture does. */
    @Test
    public void missingPowerIsMadeUp() {
        TableSet set = plain().withExposure(Sets.EXPOSURE.withAperture(22).withSpeed(100));
        Finding found = found(set, Finding.Kind.POWER_AT_ITS_END);
        double missing = figure(found.words());
        TableSet faster = found.tried().orElseThrow();
        double gained = Math.log(faster.exposure().exactSpeed() / set.exposure().exactSpeed()) / Math.log(2);
        assertThat(found.words()).contains("too little");
        assertThat(gained).isBetween(missing - 0.2, missing + 0.4);
        assertThat(faster.exposure().aperture()).isEqualTo(22);
        TableSet bright = plain().withExposure(Sets.EXPOSURE.withAperture(2).withSpeed(6400));
        Finding over = found(bright, Finding.Kind.POWER_AT_ITS_END);
        assertThat(over.words()).contains("too much");
        double less = Math.log(bright.exposure().exactSpeed()
                        / over.tried().orElseThrow().exposure().exactSpeed())
                / Math.log(2);
        assertThat(less).isBetween(figure(over.words()) - 0.2, figure(over.words()) + 0.4);
    }

    /** At the slowest speed it is the aperture that takes away what is too much. */
    @Test
    public void atTheSlowestSpeedTheApertureTakesAway() {
        TableSet set = Sets.lit(box(0.5, 0.5, 9, 45, 0.6)).withAmbient(new Ambient(0, 5500, 5));
        TableSet open = with(set, 1, 50);
        Finding found = found(open.withExposure(open.exposure().withBias(-4)), Finding.Kind.POWER_AT_ITS_END);
        assertThat(found.words()).contains("too much");
        assertThat(found.action()).startsWith("Set f/");
        TableSet closed = found.tried().orElseThrow();
        assertThat(closed.exposure().speed()).isEqualTo(50);
        double taken = 2 * Math.log(closed.exposure().exactAperture()) / Math.log(2);
        assertThat(taken).isBetween(figure(found.words()) - 0.2, figure(found.words()) + 0.4);
    }

    private static TableSet with(TableSet set, double aperture, double speed) {
        return set.withExposure(Sets.EXPOSURE.withAperture(aperture).withSpeed(speed));
    }

    /** A room that is over a correct exposure by itself is said to be over it. */
    @Test
    public void aRoomOverTheExposure() {
        TableSet bright = plain().withAmbient(new Ambient(20_000, 5500, 5));
        assertThat(found(bright, Finding.Kind.ROOM_SHOWS).words()).contains(" stops over a correct exposure");
        TableSet dim = plain().withAmbient(new Ambient(400, 5500, 5));
        assertThat(found(dim, Finding.Kind.ROOM_SHOWS).words()).contains(" stops under a correct exposure");
    }

    /** A fixed power is somebody's choice, and no light at all is told elsewhere. */
    @Test
    public void aFixedPowerHasNoEnd() {
        TableSet set = plain().withExposure(Sets.EXPOSURE.withAperture(22).withSpeed(100));
        assertThat(Finding.of(
                        set.withLight(set.light().withPower(PowerChoice.FIXED, 0)), Finding.Kind.POWER_AT_ITS_END))
                .isEmpty();
    }

    /** The figure is the reading's, and the settings leave the room under what is asked for without being short of power. */
    @Test
    public void theRoomIsBuried() {
        TableSet set = plain().withAmbient(new Ambient(400, 3200, 5));
        Finding found = found(set, Finding.Kind.ROOM_SHOWS);
        double under = -Readings.of(set, ReadingKind.AMBIENT_FRAME).value().orElseThrow();
        assertThat(figure(found.words())).isCloseTo(under, within(0.051));
        TableSet dark = found.tried().orElseThrow();
        assertThat(-Readings.of(dark, ReadingKind.AMBIENT_FRAME).value().orElseThrow())
                .isBetween(4.95, 5.6);
        assertThat(Finding.of(dark, Finding.Kind.POWER_AT_ITS_END)).isEmpty();
        assertThat(found.action())
                .contains("f/" + (dark.exposure().aperture() == 5.6 ? "5.6" : ""))
                .contains("ISO %.0f".formatted(dark.exposure().speed()));
        // a light that is much too weak for it is not told to
        TableSet weak = set.withAmbient(new Ambient(20_000, 5500, 5));
        assertThat(found(weak, Finding.Kind.ROOM_SHOWS).tried()).isEmpty();
    }

    /** Before a light behind the dish stands a flag between it and the lens: out of the frame, and off the hero. */
    @Test
    public void aFlagKeepsTheLensDark() {
        TableSet set = Sets.lit(box(0.3, 0.3, 12, 26, 1.1));
        TableSet flagged = tried(set, Finding.Kind.FLARE);
        assertThat(flagged.cards()).hasSize(1);
        assertThat(flagged.cards().get(0).black()).isTrue();
        assertThat(CardsInFrame.of(flagged).share(0)).isZero();
        KeyLight before = KeyLight.of(set);
        KeyLight after = KeyLight.of(flagged);
        assertThat(after.heroIlluminance()).isGreaterThan(0.98 * before.heroIlluminance());
    }

    /** A stand beside the table shows; over the table the light hangs from a boom, on each side of it. */
    @Test
    public void aStandShowsBesideTheTableAlone() {
        TableSet straight = plain().withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.6));
        TableTop small = new TableTop(Surface.PALE_WOOD, 0.3, 0.3, 0.2, 0.3);
        TableSet behind = straight.withTableTop(small).withLight(box(0.2, 0.2, 11.8, 60, 1.2));
        Finding stand = found(behind, Finding.Kind.STAND_IN_FRAME);
        assertThat(stand.action()).matches("Move the light round to \\d{1,2}:\\d\\d");
        assertThat(Finding.of(
                        behind.withTableTop(new TableTop(Surface.PALE_WOOD, 0.3, 0.3, 1, 0.3)),
                        Finding.Kind.STAND_IN_FRAME))
                .as("hung from a boom")
                .isEmpty();
        assertThat(Finding.of(behind.withLight(box(0.2, 0.2, 3, 60, 1.2)), Finding.Kind.STAND_IN_FRAME))
                .as("beside the frame")
                .isEmpty();
    }
}
