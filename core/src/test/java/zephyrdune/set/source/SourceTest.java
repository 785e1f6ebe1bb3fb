package zephyrdune.set.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.PhotometricType;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.power.Percent;
import zephyrdune.set.power.PowerDial;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.OutOfLimits;
import zephyrdune.units.measure.Refused;

public class SourceTest {

    private static final PowerDial DIAL = new Fractions(7, DialStep.THIRD);
    private static final PowerDial PERCENT = new Percent(0.1, 0.01, Dimming.LINEAR);

    private static BatteryFlash battery(FlashOutput output, double zoom) {
        return new BatteryFlash(output, zoom, 5500, DIAL);
    }

    @Test
    public void guideNumberAtItsZoom() {
        // f/8 at 4.5 m and ISO 100 for guide number 36 (ISO 1230)
        BatteryFlash flash = battery(new GuideNumber(36, 0.035), 0.035);
        assertThat(flash.axialIntensity() / (4.5 * 4.5)).isCloseTo(CorrectExposure.at(8, 100), within(1e-9));
    }

    @Test
    public void zoomingMovesTheSameLight() {
        BatteryFlash wide = battery(new GuideNumber(36, 0.035), 0.035);
        BatteryFlash narrow = battery(new GuideNumber(36, 0.035), 0.105);
        assertThat(narrow.flux()).isCloseTo(wide.flux(), within(1e-9));
        // the ideal gain from 35 to 105 mm is 1.5 stops of guide number, 2.8 times; zoom heads give about 1.6 times in
        // practice (common practice, no published source): they lose light beside the frame
        double gain = GuideNumber.of(narrow.axialIntensity()) / 36;
        assertThat(gain)
                .isCloseTo(
                        Math.sqrt(Coverage.ofZoom(0.035).flux()
                                / Coverage.ofZoom(0.105).flux()),
                        within(1e-12));
        assertThat(gain).isBetween(2.7, 2.9);
    }

    @Test
    public void wattSecondsTimesEfficacy() {
        // 400 W s at 40 lm/W are 16,000 lm s
        WattSeconds energy = new WattSeconds(400, 40);
        assertThat(new MainsFlash(energy, Math.toRadians(90), 5500, DIAL).flux())
                .isCloseTo(16_000, within(1e-6));
        assertThat(battery(energy, 0.05).flux()).isCloseTo(16_000, within(1e-6));
    }

    @Test
    public void batteryFlashesStateBothAndAgree() {
        // common practice, no published source: a 60 to 80 W s flash states a guide number near 36 m at 35 mm
        double lumenSeconds = battery(new GuideNumber(36, 0.035), 0.035).flux();
        assertThat(lumenSeconds / 40).isBetween(40.0, 80.0);
    }

    @Test
    public void meteredApertureIsAGuideNumber() {
        MeteredAperture metered = new MeteredAperture(11, 2);
        // f/11 stands for 2^(7/2): guide number 22.6
        double expected = GuideNumber.axialIntensity(Math.pow(2, 3.5) * 2);
        assertThat(new MainsFlash(metered, Math.toRadians(70), 5500, DIAL).axialIntensity())
                .isCloseTo(expected, within(1e-9));
        assertThat(battery(metered, 0.05).axialIntensity()).isCloseTo(expected, within(1e-9));
        assertThat(new MainsFlash(new GuideNumber(50, 0.035), 1, 5500, DIAL).axialIntensity())
                .isCloseTo(GuideNumber.axialIntensity(50), within(1e-9));
    }

    @Test
    public void ledByLuxOrByLumens() {
        LedPoint byLux = new LedPoint(new LuxAtOneMetre(5000), Math.toRadians(60), 5600, PERCENT);
        assertThat(byLux.axialIntensity()).isEqualTo(5000);
        LedPanel byLumens = new LedPanel(new Lumens(byLux.flux()), Math.toRadians(60), 5600, PERCENT);
        assertThat(byLumens.axialIntensity()).isCloseTo(5000, within(1e-9));
        // a Lambertian panel, 120 degrees: flux is pi times the axial intensity (Lambert)
        LedPanel panel = new LedPanel(new Lumens(3000), Math.toRadians(120), 5600, PERCENT);
        assertThat(panel.axialIntensity()).isCloseTo(3000 / Math.PI, within(1e-9));
        assertThat(panel.flash()).isFalse();
        assertThat(battery(new WattSeconds(60, 40), 0.05).flash()).isTrue();
        assertThat(new MainsFlash(new WattSeconds(60, 40), 1, 5500, DIAL).flash())
                .isTrue();
    }

    private static MeasuredLamp lamp(List<Double> vertical, List<Double> horizontal, List<Double> intensity) {
        return new MeasuredLamp("t", PhotometricType.C, vertical, horizontal, intensity, 5600, PERCENT);
    }

    @Test
    public void measuredLamp() {
        MeasuredLamp lamp = lamp(List.of(0.0, 1.0), List.of(0.0), List.of(800.0, 400.0));
        assertThat(lamp.axialIntensity()).isEqualTo(800);
        assertThat(lamp.flash()).isFalse();
        assertThat(lamp.distribution().relativeIntensity(Math.sin(0.5), 0, Math.cos(0.5)))
                .isCloseTo(0.75, within(1e-12));
    }

    @Test
    public void whatIsNoTableIsRefused() {
        assertThatThrownBy(() -> lamp(List.of(0.0, 1.0), List.of(0.0), List.of(800.0, 400.0, 1.0)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("need 2 intensities; there are 3");
        assertThatThrownBy(() -> lamp(List.of(1.0, 0.0), List.of(0.0), List.of(800.0, 400.0)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("number 2 does not");
        assertThatThrownBy(() -> lamp(List.of(0.0, 1.0), List.of(0.0), List.of(0.0, 400.0)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("along its axis");
        assertThatThrownBy(() -> lamp(List.of(0.0, 1.0), List.of(0.0), List.of(-1.0, 400.0)))
                .isInstanceOf(OutOfLimits.class);
        assertThatThrownBy(() -> lamp(List.of(0.0), List.of(0.0), List.of(1.0, 2.0)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("between 2 and 361");
    }

    @Test
    public void everyNumberOfASourceHasItsLimits() {
        List<Runnable> beyond = List.of(
                () -> new GuideNumber(0, 0.035),
                () -> new WattSeconds(-1, 40),
                () -> new MeteredAperture(8, 0),
                () -> new LuxAtOneMetre(Double.NaN),
                () -> new Lumens(Double.POSITIVE_INFINITY),
                () -> battery(new WattSeconds(60, 40), 0.001),
                () -> new MainsFlash(new WattSeconds(60, 40), 0, 5500, DIAL),
                () -> new LedPanel(new Lumens(100), 4, 5500, PERCENT),
                () -> new LedPoint(new Lumens(100), 1, 0, PERCENT));
        for (Runnable making : beyond) {
            assertThatThrownBy(making::run).isInstanceOf(OutOfLimits.class);
        }
    }
}
