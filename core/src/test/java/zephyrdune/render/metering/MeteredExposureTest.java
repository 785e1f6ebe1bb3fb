package zephyrdune.render.metering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.chowder;

import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Spread;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Percent;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.set.source.Source;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/** Exposure by ISO 2720:1974 and the arithmetic of stops. */
public class MeteredExposureTest {

    private static final LedPoint LED =
            new LedPoint(new LuxAtOneMetre(10_000), Math.toRadians(60), 5600, new Percent(0.1, 0.01, Dimming.LINEAR));

    private static final Ambient NO_ROOM_LIGHT = new Ambient(0, 5500, 5);

    private static MeteredExposure of(TableSet set) {
        return MeteredExposure.of(set, KeyLight.of(set));
    }

    private static Light light(Source source, Spread spread, double loss, PowerChoice choice, double power) {
        return new Light(
                source,
                Gel.NONE,
                Sets.lost(loss),
                spread instanceof Bare ? new Disc(0.05) : new Rectangle(0.6, 0.6),
                new EvenlyLit(),
                spread,
                choice,
                power,
                0,
                Math.PI / 2,
                2,
                Aim.HERO,
                new NoDoors());
    }

    private static TableSet with(Light light, Exposure exposure) {
        // nothing but the light itself
        return chowder()
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withDish(Sets.sliver())
                .withAmbient(NO_ROOM_LIGHT)
                .withExposure(exposure)
                .withLight(light);
    }

    private static Exposure camera(double aperture, double shutter, double speed) {
        return new Exposure(aperture, shutter, speed, 1 / 200.0, 0, 5500);
    }

    @Test
    public void guideNumberOverDistanceIsTheAperture() {
        // bare flash, guide number 36, 2 m straight above (to a top 5 mm high): N = 36 / 1.995 at full power
        MeteredExposure hero =
                of(with(light(Sets.FLASH, new Bare(), 0, PowerChoice.FOLLOWS, 0), camera(16, 1 / 125.0, 100)));
        double stops = 2 * Math.log(36 / 1.995 / 16) / Math.log(2);
        assertThat(Stops.between(hero.light().key(), hero.wanted())).isCloseTo(stops, within(2e-3));
        // what a black table sends back is hardly anything
        assertThat(hero.wantedBelow()).isCloseTo(stops, within(0.01));
        assertThat(Math.abs(hero.off())).isLessThanOrEqualTo(1.0 / 6);
        assertThat(hero.key()).isCloseTo(640 * Math.pow(2, hero.off()), within(1e-9));
    }

    @Test
    public void lossInTheBoxIsPowerUp() {
        double two = of(with(light(Sets.FLASH, new Diffuse(), 2, PowerChoice.FOLLOWS, 0), camera(5.6, 1 / 125.0, 400)))
                .wantedBelow();
        double three = of(with(
                        light(Sets.FLASH, new Diffuse(), 3, PowerChoice.FOLLOWS, 0), camera(5.6, 1 / 125.0, 400)))
                .wantedBelow();
        assertThat(two - three).isCloseTo(1, within(1e-12));
    }

    @Test
    public void flashIgnoresTheShutterAndAmbientDoesNot() {
        Light flash = light(Sets.FLASH, new Diffuse(), 2, PowerChoice.FOLLOWS, 0);
        Ambient dim = new Ambient(20, 5500, 5);
        MeteredExposure slow = of(with(flash.withPower(PowerChoice.FIXED, 2), camera(5.6, 1 / 60.0, 400))
                .withAmbient(dim));
        MeteredExposure fast = of(with(flash.withPower(PowerChoice.FIXED, 2), camera(5.6, 1 / 125.0, 400))
                .withAmbient(dim));
        assertThat(fast.key()).isCloseTo(slow.key(), within(1e-12));
        assertThat(fast.wantedBelow()).as("less of the room").isLessThan(slow.wantedBelow());
        assertThat(fast.ambientUnderKey() - slow.ambientUnderKey()).isCloseTo(1, within(1e-12));
        assertThat(fast.ambientUnderCorrect() - slow.ambientUnderCorrect()).isCloseTo(1, within(1e-12));
    }

    @Test
    public void ledAndAmbientGoTogether() {
        Light led = light(LED, new Diffuse(), 1, PowerChoice.FIXED, 1);
        Ambient room = new Ambient(200, 3200, 5);
        double ratio = of(with(led, camera(4, 1 / 60.0, 400)).withAmbient(room)).ambientUnderKey();
        for (Exposure other :
                new Exposure[] {camera(4, 1 / 1000.0, 400), camera(16, 1 / 60.0, 400), camera(4, 1, 3200)}) {
            assertThat(of(with(led, other).withAmbient(room)).ambientUnderKey()).isCloseTo(ratio, within(1e-12));
        }
    }

    @Test
    public void ambientByTheMeter() {
        // 200 lx for 1/128 s on a frame that wants 250 x 32 / 400 = 20 lx s
        MeteredExposure hero = of(chowder());
        assertThat(hero.correct()).isCloseTo(20, within(1e-12));
        assertThat(hero.ambientUnderCorrect()).isCloseTo(Math.log(20 / (200 / 128.0)) / Math.log(2), within(1e-12));
    }

    @Test
    public void fixedPowerStaysAndTheFrameChanges() {
        MeteredExposure hero =
                of(with(light(Sets.FLASH, new Diffuse(), 2, PowerChoice.FIXED, 3), camera(5.6, 1 / 125.0, 400)));
        assertThat(hero.below()).isEqualTo(3);
        assertThat(hero.key()).isCloseTo(hero.light().dimmed() / 8, within(1e-9));
        assertThat(hero.off()).isCloseTo(hero.wantedBelow() - 3, within(1e-12));
        assertThat(hero.mark(light(Sets.FLASH, new Diffuse(), 2, PowerChoice.FIXED, 3))
                        .text())
                .isEqualTo("1/8");
    }

    @Test
    public void dialEndsWhereItEnds() {
        Light flash = light(Sets.FLASH, new Diffuse(), 8, PowerChoice.FOLLOWS, 0);
        MeteredExposure weak = of(with(flash, camera(22, 1 / 125.0, 100)));
        assertThat(weak.below()).isZero();
        assertThat(weak.off()).isNegative().isCloseTo(weak.wantedBelow(), within(1e-12));
        assertThat(weak.mark(flash).text()).isEqualTo("1/1");
        MeteredExposure strong =
                of(with(light(Sets.FLASH, new Bare(), 0, PowerChoice.FOLLOWS, 0), camera(1.4, 1 / 125.0, 6400)));
        assertThat(strong.below()).isEqualTo(7);
        assertThat(strong.off()).isPositive();
    }

    @Test
    public void biasIsWanted() {
        Exposure plain = camera(5.6, 1 / 125.0, 400);
        Exposure glow = new Exposure(5.6, 1 / 125.0, 400, 1 / 200.0, 2, 5500);
        assertThat(glow.wanted() / plain.wanted()).isCloseTo(4, within(1e-12));
        assertThat(glow.correct()).isEqualTo(plain.correct());
    }

    @Test
    public void shutterFirstThenSpeedThenApertureBuryTheRoom() {
        TableSet bright = chowder().withAmbient(new Ambient(1000, 3200, 5));
        Burying burying = Burying.of(bright, of(bright));
        // 250 x 32 / 400 over 1000 / 128: 1.36 stops under, so 3.64 to go
        assertThat(burying.missing()).isCloseTo(5 - Math.log(20 / (1000 / 128.0)) / Math.log(2), within(1e-12));
        Exposure dark = burying.settings().orElseThrow();
        TableSet buried = bright.withExposure(dark);
        assertThat(of(buried).ambientUnderCorrect()).isBetween(5.0, 5.4);
        assertThat(dark.shutter()).isEqualTo(1 / 200.0);
        assertThat(dark.speed()).isLessThan(400);
        assertThat(burying.more())
                .isCloseTo(Math.log(dark.correct() / bright.exposure().correct()) / Math.log(2), within(1e-12));
        assertThat(Burying.of(buried, of(buried)).settings()).isEmpty();
    }

    @Test
    public void apertureTakesWhatSpeedCannot() {
        TableSet sunny = chowder().withAmbient(new Ambient(50_000, 5500, 5));
        Exposure dark = Burying.of(sunny, of(sunny)).settings().orElseThrow();
        assertThat(dark.speed()).isEqualTo(50);
        assertThat(dark.aperture()).isGreaterThan(5.6);
        assertThat(of(sunny.withExposure(dark)).ambientUnderCorrect()).isBetween(5.0, 5.4);
    }

    @Test
    public void whatNoSettingCanBuryIsNotSaidToBeBuried() {
        // at ISO 50, f/64 and 1/200 s full sun of 100,000 lx is about 5 1/3 stops under: not 10
        TableSet sunny = chowder().withAmbient(new Ambient(100_000, 5500, 10));
        Burying burying = Burying.of(sunny, of(sunny));
        assertThat(burying.missing()).isPositive();
        assertThat(burying.settings()).isEmpty();
        TableSet five = chowder().withAmbient(new Ambient(100_000, 5500, 5));
        assertThat(Burying.of(five, of(five)).settings()).isPresent();
    }

    /** Under a strong room settings bury it that a small flash has not the power for: what Power then says is what was told. */
    @Test
    public void settingsThatAskMoreThanTheFlashHas() {
        TableSet set = chowder().withAmbient(new Ambient(10_000, 5500, 5)).withExposure(camera(16, 1 / 200.0, 100));
        Burying burying = Burying.of(set, of(set));
        assertThat(burying.shortBy()).isPositive();
        assertThat(shortUnder(set, burying)).isCloseTo(burying.shortBy(), within(1e-6));
    }

    /** A room that alone gives more than is wanted leaves the flash nothing to give now; that is no reserve under settings that bury it. */
    @Test
    public void aRoomThatIsBrightEnoughAloneIsNoReserve() {
        TableSet set = chowder().withAmbient(new Ambient(20_000, 5500, 5));
        assertThat(of(set).light().ambient()).isGreaterThan(of(set).wanted());
        Burying burying = Burying.of(set, of(set));
        assertThat(shortUnder(set, burying)).isCloseTo(burying.shortBy(), within(1e-6));
        assertThat(burying.shortBy()).isGreaterThan(1);
    }

    private static double shortUnder(TableSet set, Burying burying) {
        return -of(set.withExposure(burying.settings().orElseThrow())).wantedBelow();
    }

    @Test
    public void noSettingBuriesTheRoomUnderAnLed() {
        TableSet set = with(light(LED, new Diffuse(), 1, PowerChoice.FOLLOWS, 0), camera(4, 1 / 60.0, 800))
                .withAmbient(new Ambient(200, 3200, 5));
        Burying burying = Burying.of(set, of(set));
        assertThat(burying.missing()).isPositive();
        assertThat(burying.settings()).isEmpty();
    }

    @Test
    public void darkRoomAndUnlitHero() {
        TableSet dark = chowder().withAmbient(new Ambient(0, 3200, 5));
        assertThat(of(dark).ambientUnderKey()).isInfinite().isPositive();
        assertThat(Burying.of(dark, of(dark)).missing()).isNegative();
    }

    /** Lux in the room, and the settings that bury it from f/5.6, 1/125 s, ISO 400: worked in third stops. */
    @Test
    public void buryingTakesTheFirstMarksThatDo() {
        // 250 x 32 / 400 over lux / 128; sync 1/200 s is two thirds of a stop from 1/125
        Object[][] cases = {
            {100.0, 1 / 160.0, 400.0, 5.6}, // 0.3 missing: a third by the shutter
            {125.0, 1 / 200.0, 400.0, 5.6}, // 0.7: two thirds by the shutter
            {250.0, 1 / 200.0, 200.0, 5.6}, // 1.6: the rest by the speed
            {20_000.0, 1 / 200.0, 50.0, 14.0} // 7.97: ISO 50 gives 3, f/14 2 2/3
        };
        for (Object[] one : cases) {
            TableSet set = chowder().withAmbient(new Ambient((double) one[0], 3200, 5));
            Exposure dark = Burying.of(set, of(set)).settings().orElseThrow();
            assertThat(of(set.withExposure(dark)).ambientUnderCorrect())
                    .as("%s lx", one[0])
                    .isGreaterThan(5 - 1e-9);
            assertThat(dark.shutter()).as("%s lx", one[0]).isEqualTo((double) one[1]);
            assertThat(dark.speed()).as("%s lx", one[0]).isEqualTo((double) one[2]);
        }
    }
}
