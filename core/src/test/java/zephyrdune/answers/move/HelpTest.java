package zephyrdune.answers.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.answers.ambient.AmbientLevel;
import zephyrdune.answers.move.PowerHelp.Way;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.ReadyMade;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.set.source.GuideNumber;
import zephyrdune.units.measure.OutOfLimits;

/** What to do at a dial's end, what room light is by meter and frame, and what another shaper would be like. */
public class HelpTest {

    private static BatteryFlash weak(double guideNumber) {
        return new BatteryFlash(
                new GuideNumber(guideNumber, 0.035), 0.035, 5500, new Fractions(7, DialStep.THIRD), 3, 20);
    }

    private static TableSet with(Light light) {
        return chowder().withLight(light);
    }

    private static Shaper shaper(String name) {
        return ReadyMade.kit().shapers().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whereTheDialReachesNothingIsToBeDone() {
        assertThat(PowerHelp.of(chowder())).isEmpty();
    }

    /** Every way that says it is enough is: full power then exposes the hero as wanted. */
    @Test
    public void tooWeakAFlashIsHelped() {
        Light boxed =
                shaper("Softbox 60 × 60, two baffles").on(chowder().light()).withSource(weak(5));
        TableSet set = with(boxed);
        List<PowerHelp> ways = PowerHelp.of(set);
        assertThat(ways).extracting(PowerHelp::way).contains(Way.DISTANCE, Way.SPEED, Way.APERTURE, Way.BAFFLE);
        for (PowerHelp help : ways) {
            assertThat(help.gained()).as(help.way().words()).isPositive();
            double off =
                    Readings.of(help.set(), ReadingKind.OFF_EXPOSURE).value().orElseThrow();
            assertThat(off).as(help.way().words()).isCloseTo(-Math.max(0, help.left()), within(0.34));
        }
        PowerHelp iso = ways.get(1);
        // third stops of speed, and the room's light that comes with it: little more than a third too much
        assertThat(iso.left()).isBetween(-0.45, 0.01);
        assertThat(iso.changes()).extracting(Change::kind).contains(ReadingKind.AMBIENT_FRAME);
        PowerHelp wider = ways.get(2);
        assertThat(wider.changes()).extracting(Change::kind).contains(ReadingKind.DEPTH_OF_FIELD);
        PowerHelp baffle = ways.get(ways.size() - 1);
        assertThat(baffle.changes()).extracting(Change::kind).contains(ReadingKind.FACE_IN_USE);
    }

    @Test
    public void tooStrongAFlashIsHelpedTheOtherWay() {
        TableSet set = with(chowder().light().withSource(weak(190)));
        List<PowerHelp> ways = PowerHelp.of(set.withExposure(set.exposure().withSpeed(3200)));
        assertThat(ways).isNotEmpty();
        assertThat(ways).allSatisfy(help -> assertThat(help.gained()).isNegative());
        assertThat(ways.get(0).set().light().distance())
                .isGreaterThan(set.light().distance());
    }

    /** ISO 2720 with C = 250: EV 0 at ISO 100 is 2.5 lx; a frame at f/5.6, 1/125 s, ISO 400 that is correct has 2560 lx. */
    @Test
    public void roomLightByMeterAndByFrame() {
        assertThat(AmbientLevel.ofMeter(new AmbientLevel.Stated(0))).isCloseTo(2.5, within(1e-12));
        assertThat(AmbientLevel.ofMeter(new AmbientLevel.Stated(7))).isCloseTo(320, within(1e-9));
        // 250 x 32 / 400 lx s over 1/128 s
        double correct = AmbientLevel.ofFrame(chowder().exposure(), new AmbientLevel.Stated(0));
        assertThat(correct).isCloseTo(2560, within(1e-6));
        double dark = AmbientLevel.ofFrame(chowder().exposure(), new AmbientLevel.Stated(-4));
        TableSet set = chowder().withAmbient(new Ambient(dark, 3000, 5));
        assertThat(Readings.of(set, ReadingKind.AMBIENT_FRAME).value().orElseThrow())
                .isCloseTo(-4, within(1e-9));
        assertThatThrownBy(() -> new AmbientLevel.Stated(Double.NaN)).isInstanceOf(OutOfLimits.class);
        for (AmbientLevel.Place place : AmbientLevel.Place.values()) {
            assertThat(new Ambient(place.lux(), place.kelvin(), 5).now()).isEqualTo(place.lux());
        }
    }

    @Test
    public void roomLightThatChangesIsFollowed() {
        Ambient dusk = new Ambient(400, 4000, 5).withDrift(-1, 2);
        assertThat(dusk.now()).isCloseTo(100, within(1e-9));
        Reading frame = Readings.of(chowder().withAmbient(dusk), ReadingKind.AMBIENT_FRAME);
        // 100 lx are 4.7 stops under 2560: in another 0.3 h they are gone
        assertThat(frame.note()).contains("by 0.3 h from then it is gone");
        Reading kept = Readings.of(
                chowder().withAmbient(dusk.withPurpose(Ambient.Purpose.KEEP)), ReadingKind.AMBIENT_UNDER_KEY);
        assertThat(kept.note()).contains("kept as a layer").contains("shutter sets it");
    }

    @Test
    public void aFixedControlIsToldWhatKeepsTheExposure() {
        Light fixed = chowder().light().withPower(PowerChoice.FIXED, 1);
        String mark = Readings.of(chowder(), ReadingKind.POWER).text();
        assertThat(Readings.of(with(fixed), ReadingKind.POWER).note()).contains("To keep the exposure, set " + mark);
        assertThat(Readings.of(with(chowder().light().withSource(weak(9))), ReadingKind.POWER)
                        .note())
                .contains("Ready again after")
                .contains("slows down to cool");
    }

    /** Five shapers of one size at one distance differ in nothing but the highlight's shape; a strip does (common practice). */
    @Test
    public void equalSizeAndDistanceIsEqualSoftness() {
        TableSet set = with(shaper("Softbox 60 × 60, two baffles").on(Sets.box(0.6, 0.6, 9, 55, 0.9)));
        SameSoftness octagon =
                SameSoftness.of(set, shaper("Octagon 90, two baffles").on(set.light()));
        double edge = Readings.of(set, ReadingKind.TIP_EDGE_SEEN).value().orElseThrow();
        assertThat(Readings.of(octagon.set(), ReadingKind.TIP_EDGE_SEEN).value().orElseThrow())
                .isCloseTo(edge, within(1e-4));
        SameSoftness strip =
                SameSoftness.of(set, shaper("Strip 30 × 120, two baffles").on(set.light()));
        assertThat(strip.atTip().orElseThrow() / strip.atSide().orElseThrow()).isGreaterThan(1.5);
        assertThat(strip.changes()).extracting(Change::kind).contains(ReadingKind.POWER, ReadingKind.FALL_OFF_HERO);
    }
}
