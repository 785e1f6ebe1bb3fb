package zephyrdune.render.metering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.AnyPlace;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.camera.Metering;
import zephyrdune.set.camera.MeteringPoint;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Percent;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/** What the meter reads, layer by layer, by the arithmetic of light where nothing sends any on. */
public class MeteredLightTest {

    private static final LedPoint LED =
            new LedPoint(new LuxAtOneMetre(10_000), Math.toRadians(60), 5600, new Percent(0.1, 0.01, Dimming.LINEAR));

    /** A sliver on a black table: hardly anything but straight light. */
    private static TableSet black() {
        return Sets.chowder()
                .withProps(List.of())
                .withDish(Sets.sliver())
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withBackdrop(new Backdrop(5, 0.1, 0.1, Surface.BLACK_PAPER))
                .withLight(box(0.1, 0.1, 12, 60, 1))
                .withAmbient(new Ambient(0, 5500, 5));
    }

    private static MeteredExposure exposure(TableSet set) {
        return MeteredExposure.of(set, KeyLight.of(set));
    }

    private static TableSet at(TableSet set, Metering.Mode mode, MeteringPoint point) {
        return set.withExposure(set.exposure().withMetering(new Metering(mode, point)));
    }

    @DataProvider
    Object[][] keys() {
        TableSet flash = black();
        return new Object[][] {{flash}, {flash.withLight(flash.light().withSource(LED))}};
    }

    /** Straight, the base lies as far under the key as it is set, under a flash and under an LED. */
    @Test(dataProvider = "keys")
    public void theBaseLiesUnderTheKeyAsItIsSet(TableSet set) {
        double clock = 8 * Math.PI / 6;
        TableSet based = set.withBase(new BroadBase(1.5, 0.5, 0.5, clock, Math.toRadians(60), 1.2));
        MeteredLight light = exposure(based).light();
        assertThat(Stops.between(light.key(), light.base())).isCloseTo(1.5, within(0.05));
        assertThat(light.dimmed())
                .isCloseTo(light.key() + light.table() + light.room() + light.cards() + light.base(), within(1e-9));
        assertThat(light.dimmed()).isGreaterThan(light.key() + light.base() - 1e-9);
    }

    /** Aperture, speed, bias and power are no matter of the light that is metered; the shutter and what the set is of are. */
    @Test
    public void settingsLeaveTheLightAsItIs() {
        TableSet set = black();
        MeteredLight light = exposure(set).light();
        Exposure settings = set.exposure();
        assertThat(List.of(
                        set.withExposure(settings.withAperture(2.8)),
                        set.withExposure(settings.withSpeed(800)),
                        set.withExposure(settings.withBias(-2)),
                        set.withLight(set.light().withPower(PowerChoice.FIXED, 3))))
                .allSatisfy(other -> assertThat(exposure(other).light()).isSameAs(light));
        assertThat(List.of(
                        set.withExposure(settings.withShutter(1)),
                        set.withLight(box(0.1, 0.1, 12, 60, 1.01)),
                        set.withAmbient(new Ambient(640, 5500, 5))))
                .allSatisfy(other -> assertThat(exposure(other).light()).isNotSameAs(light));
    }

    /** 640 lx from all round for 1/128 s are 5 lx s on an open level surface, whatever the colour of white is there. */
    @Test
    public void theRoomCountsWhileTheShutterIsOpen() {
        for (double kelvin : new double[] {3000, 5500}) {
            TableSet set = black().withAmbient(new Ambient(640, kelvin, 5));
            assertThat(Stops.between(exposure(set).light().ambient(), 5)).isCloseTo(0, within(0.05));
        }
    }

    @Test
    public void sharesAddUpToAllOfIt() {
        TableSet set = black().withAmbient(new Ambient(2000, 5500, 5)).withTableTop(Sets.endless(Surface.WHITE_PAPER));
        TableSet turned = set.withLight(set.light().withPower(PowerChoice.FIXED, 3));
        MeteredExposure metered = exposure(turned);
        MeteredLight light = metered.light();
        double ways = metered.share(light.key()) + metered.share(light.table());
        assertThat(ways + light.ambient() / metered.all()).isCloseTo(1, within(1e-9));
        assertThat(metered.share(light.key())).isCloseTo(light.key() / 8 / metered.all(), within(1e-12));
    }

    /** A small light twice as far away is two stops dimmer. */
    @Test
    public void whatAMoveAsksOfThePower() {
        TableSet near = black();
        TableSet far = near.withLight(near.light().withDistance(2));
        assertThat(MeteredExposure.toMakeUp(near, far)).isCloseTo(2, within(0.05));
        assertThat(MeteredExposure.toMakeUp(far, near)).isCloseTo(-2, within(0.05));
    }

    @Test
    public void theMeterLiesOnWhateverStandsThere() {
        TableSet set =
                black().withProps(List.of(new Prop(new Block(0.1, 0.1, 0.2, Surface.GREY_PAPER), 0.4, 0, 0.05, 0)));
        assertThat(height(set, 0.4, 0)).as("on a lifted prop").isCloseTo(0.25, within(1e-9));
        assertThat(height(set, 0.2, 0)).as("beside it").isCloseTo(0, within(1e-9));
        TableSet ended = set.withTableTop(new TableTop(Surface.PALE_WOOD, 1, 1, 1, 1));
        assertThat(height(ended, 2, 0)).as("off the table, at its height").isZero();
    }

    private static double height(TableSet set, double x, double y) {
        TableSet metered = at(set, Metering.Mode.INCIDENT, new AnyPlace(x, y));
        return MeterPlace.of(metered, KeyLight.of(metered), Scene.of(metered))
                .place()
                .getZ();
    }

    /** A circle of one degree: on the edge between white and black it reads half of either, and all of one 0.6 degrees beside it. */
    @Test
    public void aSpotMeterReadsOneDegree() {
        TableSet set = black().withCamera(new Camera(CameraAngle.OVERHEAD, 0.1, 0.036, 0.024, 0.3))
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withProps(List.of(new Prop(new Block(0.2, 0.2, 0.005, Surface.WHITE_PAPER), 0.2, 0, 0, 0)));
        double off = set.camera().subjectDistance() * Math.tan(Math.toRadians(0.6));
        // seen from straight above, the edge of the top stands at 10 cm and hides a little of the table behind
        double edge = 0.1;
        double white = spot(set, edge + off);
        double black = spot(set, edge - off);
        double half = spot(set, edge);
        assertThat(Stops.between(white, black)).isCloseTo(Stops.between(0.86, 0.04), within(0.3));
        assertThat(half / white).isCloseTo(0.5 * (1 + black / white), within(0.06));
        double quarter = spot(set, edge - off / 2.4);
        assertThat(quarter).isGreaterThan(1.5 * black).isLessThan(half);
    }

    private static double spot(TableSet set, double x) {
        return exposure(at(set, Metering.Mode.SPOT, new AnyPlace(x, 0))).light().dimmed();
    }

    /** The standard error of n rounds is their standard deviation over the root of n, here in stops. */
    @Test
    public void roundsGoOnUntilTheyAreSureEnough() {
        TableSet set = black();
        LayerExposure exposure = LayerExposure.of(set, KeyLight.of(set));
        Settled even = new Settled(exposure, 40, round -> key(exposure, 1));
        assertThat(even.rounds()).isEqualTo(12);
        assertThat(even.error()).isZero();
        Settled apart = new Settled(exposure, 40, round -> key(exposure, round % 2 == 0 ? 1.5 : 0.5));
        assertThat(apart.rounds()).isEqualTo(40);
        // deviation by n - 1: 0.5 sqrt(40 / 39)
        assertThat(apart.error()).isCloseTo(0.5 / Math.sqrt(39) / Math.log(2), within(1e-9));
        assertThat(exposure.of(apart.light()) / exposure.of(key(exposure, 1))).isCloseTo(1, within(1e-12));
        // 0.1 about 1: sure enough from n = 0.01 / (0.02 ln 2)² + 1 = 53.03 on, at 53 as an odd number has the greater
        // mean
        Settled near = new Settled(exposure, 1000, round -> key(exposure, round % 2 == 0 ? 1.1 : 0.9));
        assertThat(near.rounds()).isEqualTo(53);
    }

    private static double[] key(LayerExposure exposure, double light) {
        double[] layers = new double[3 * exposure.layers()];
        layers[0] = light;
        layers[1] = light;
        layers[2] = light;
        return layers;
    }
}
