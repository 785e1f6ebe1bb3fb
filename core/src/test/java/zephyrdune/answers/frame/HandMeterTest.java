package zephyrdune.answers.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.answers.learning.KitLearning;
import zephyrdune.answers.learning.LearntKit;
import zephyrdune.answers.learning.TakenFrame;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Ambient;
import zephyrdune.units.measure.Refused;

/** What is read off a hand meter, beside what the same set's own meter predicts. */
public class HandMeterTest {

    private static final TableSet SET = Sets.chowder();

    private static double predicted(FrameReading reading) {
        return reading.patches().get(0).predicted().orElseThrow();
    }

    private static double off(FrameReading reading) {
        return reading.patches().get(0).off().orElseThrow();
    }

    private static FrameReading read(TableSet set, HandMeter.Kind kind, double value) {
        return FrameReading.of(set, set, new HandMeter(kind, value));
    }

    /** ISO 2720: E t = C N² / S. A set at what is correct reads its own aperture, and one whole f-number more is a stop. */
    @Test
    public void anFNumberIsWhatTheSetIsSetTo() {
        FrameReading reading = read(SET, HandMeter.Kind.F_NUMBER, SET.exposure().aperture());
        MeteredExposure metered = MeteredExposure.of(SET, KeyLight.of(SET));
        double own = Math.log(metered.all() / SET.exposure().correct()) / Math.log(2);
        assertThat(predicted(reading)).isCloseTo(own, within(0.03));
        assertThat(reading.patches().get(0).measured().orElseThrow()).isZero();
        FrameReading more = read(SET, HandMeter.Kind.F_NUMBER, 8);
        FrameReading less = read(SET, HandMeter.Kind.F_NUMBER, 5.6);
        assertThat(off(more) - off(less)).isCloseTo(1, within(1e-9));
    }

    /** Of a flash set lux and exposure value are the room's: 2.5 lx are EV 0 at ISO 100 (the meter's constant of 250 over 100). */
    @Test
    public void luxAndExposureValueAreOfTheRoomUnderAFlash() {
        TableSet room = SET.withAmbient(new Ambient(320, 4000, 5));
        FrameReading lux = read(room, HandMeter.Kind.LUX, 640);
        FrameReading value = read(room, HandMeter.Kind.EXPOSURE_VALUE, 8);
        assertThat(off(lux)).isCloseTo(off(value), within(1e-9));
        // the room as the set's own meter has it there, past dish and card
        MeteredExposure metered = MeteredExposure.of(room, KeyLight.of(room));
        double own = Math.log(metered.light().ambient() / room.exposure().correct()) / Math.log(2);
        assertThat(predicted(lux)).isCloseTo(own, within(0.03));
        assertThat(lux.next()).isEmpty();
        assertThat(lux.room().orElseThrow().more()).isBetween(0.7 * off(lux), off(lux));
        assertThat(lux.patches().get(0).shares().room()).isCloseTo(1, within(1e-9));
    }

    /** A tenth of a stop, a twentieth of reading it off and what the power control may be off by are what is left of half a stop that was open. */
    @Test
    public void itPinsTheLights() {
        FrameReading right = read(SET, HandMeter.Kind.F_NUMBER, SET.exposure().aperture());
        double times = Math.pow(2, (predicted(right) + 0.6) / 2);
        double aperture = Math.pow(2, 2.5) * times;
        FrameReading brighter = read(SET, HandMeter.Kind.F_NUMBER, aperture);
        assertThat(off(brighter)).isCloseTo(0.6, within(0.02));
        assertThat(brighter.next().orElseThrow().keyOff()).isBetween(0.5, 0.62);
        assertThat(brighter.next().orElseThrow().spread()).isBetween(0.08, 0.16);
        LearntKit learnt = KitLearning.of(
                        List.of(new TakenFrame("set", SET, brighter.below(), brighter.patches())), frame -> false)
                .about("set", SET);
        assertThat(learnt.lightsMore()).isBetween(0.45, 0.62);
        assertThat(learnt.lightsSpread()).isLessThan(0.2);
        assertThat(learnt.numbers()).anyMatch(number -> number.title().equals("Hand meter"));
        assertThat(learnt.numbers()).noneMatch(number -> number.title().equals("Camera"));
    }

    @Test
    public void whatNoMeterShowsIsRefused() {
        assertThatThrownBy(() -> new HandMeter(HandMeter.Kind.F_NUMBER, 0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("f-number lies between 0.7 and 128");
        assertThatThrownBy(() -> new HandMeter(HandMeter.Kind.LUX, Double.NaN)).hasMessageContaining("500000");
    }
}
