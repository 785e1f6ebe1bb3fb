package zephyrdune.units.exposure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.source.GuideNumber;

/** The published series of f-numbers, times and speeds, and exposure arithmetic. */
public class ExposureScalesTest {

    /** Full stops as ISO 517 marks them, and the powers of the square root of two that they are. */
    @DataProvider
    Object[][] fullStops() {
        return new Object[][] {
            {1.0, 0},
            {1.4, 1},
            {2.0, 2},
            {2.8, 3},
            {4.0, 4},
            {5.6, 5},
            {8.0, 6},
            {11.0, 7},
            {16.0, 8},
            {22.0, 9},
            {32.0, 10},
            {45.0, 11},
            {64.0, 12}
        };
    }

    @Test(dataProvider = "fullStops")
    public void aperturesArePowersOfRootTwo(double mark, int steps) {
        double exact = Math.pow(2, steps / 2.0);
        assertThat(MarkedScale.APERTURE.exact(mark)).isCloseTo(exact, within(1e-12));
        assertThat(MarkedScale.APERTURE.nearest(exact)).isEqualTo(mark);
        // a mark is within a tenth of a stop of what it stands for
        assertThat(2 * Math.abs(Math.log(mark / exact) / Math.log(2))).isLessThan(0.1);
    }

    /** Marked times (APEX, Exif) and the exact ones. */
    @DataProvider
    Object[][] times() {
        return new Object[][] {
            {30.0, 32.0},
            {15.0, 16.0},
            {8.0, 8.0},
            {1.0, 1.0},
            {1 / 15.0, 1 / 16.0},
            {1 / 30.0, 1 / 32.0},
            {1 / 60.0, 1 / 64.0},
            {1 / 125.0, 1 / 128.0},
            {1 / 250.0, 1 / 256.0},
            {1 / 1000.0, 1 / 1024.0},
            {1 / 8000.0, 1 / 8192.0}
        };
    }

    @Test(dataProvider = "times")
    public void timesArePowersOfTwo(double mark, double exact) {
        assertThat(MarkedScale.SHUTTER.exact(mark)).isCloseTo(exact, within(1e-12));
        assertThat(MarkedScale.SHUTTER.nearest(exact)).isEqualTo(mark);
    }

    /** Speeds of ISO 12232 in third stops from 100: each is 100 times 2 to so many thirds. */
    @DataProvider
    Object[][] speeds() {
        return new Object[][] {
            {50.0, -3},
            {64.0, -2},
            {80.0, -1},
            {100.0, 0},
            {125.0, 1},
            {160.0, 2},
            {200.0, 3},
            {400.0, 6},
            {640.0, 8},
            {800.0, 9},
            {1600.0, 12},
            {6400.0, 18},
            {12800.0, 21},
            {51200.0, 27}
        };
    }

    @Test(dataProvider = "speeds")
    public void speedsGoInThirds(double mark, int thirds) {
        assertThat(MarkedScale.SPEED.exact(mark)).isCloseTo(100 * Math.pow(2, thirds / 3.0), within(1e-9));
    }

    @Test
    public void everyMarkIsNearWhatItStandsFor() {
        for (MarkedScale scale : MarkedScale.values()) {
            double stopsPerOctave = scale == MarkedScale.APERTURE ? 2 : 1;
            double before = Double.NaN;
            for (double mark : scale.marks()) {
                double exact = scale.exact(mark);
                assertThat(stopsPerOctave * Math.abs(Math.log(mark / exact) / Math.log(2)))
                        .as("%s %s", scale, mark)
                        .isLessThan(0.15);
                if (!Double.isNaN(before)) {
                    assertThat(stopsPerOctave * Math.abs(Math.log(exact / before) / Math.log(2)))
                            .isCloseTo(1 / 3.0, within(1e-9));
                }
                before = exact;
            }
        }
    }

    @Test
    public void whatIsNotAMarkIsItself() {
        assertThat(MarkedScale.APERTURE.exact(5.3)).isEqualTo(5.3);
        assertThat(MarkedScale.SHUTTER.exact(1 / 70.0)).isEqualTo(1 / 70.0);
    }

    /** APEX (Exif): EV = log2(N² / t). f/16 at 1/128 is 15, f/1 at 1 s is 0. */
    @DataProvider
    Object[][] exposureValues() {
        return new Object[][] {{1.0, 1.0, 0.0}, {16.0, 1 / 128.0, 15.0}, {8.0, 1 / 64.0, 12.0}, {4.0, 32.0, -1.0}};
    }

    @Test(dataProvider = "exposureValues")
    public void apex(double aperture, double shutter, double value) {
        assertThat(ExposureValue.of(aperture, shutter)).isCloseTo(value, within(1e-12));
    }

    @Test
    public void incidentMeter() {
        // ISO 2720 with C = 250: 2.5 lx at EV 0 and ISO 100; EV 15, bright sun, is 82 klx
        assertThat(ExposureValue.illuminance(0)).isEqualTo(2.5);
        assertThat(ExposureValue.illuminance(15)).isCloseTo(81_920, within(1e-6));
        assertThat(CorrectExposure.at(8, 100)).isEqualTo(160);
        assertThat(ExposureValue.illuminance(ExposureValue.of(8, 1 / 64.0)) / 64)
                .isCloseTo(160, within(1e-9));
    }

    @Test
    public void guideNumbers() {
        // f-number times distance (ISO 1230): 36 m is f/8 at 4.5 m, 118 feet, and 72 m at ISO 400
        double axial = GuideNumber.axialIntensity(36);
        assertThat(axial / (4.5 * 4.5)).isCloseTo(CorrectExposure.at(8, 100), within(1e-9));
        assertThat(GuideNumber.inFeet(36)).isCloseTo(118.11, within(0.005));
        assertThat(GuideNumber.fromFeet(GuideNumber.inFeet(36))).isCloseTo(36, within(1e-12));
        assertThat(GuideNumber.atSpeed(36, 400)).isEqualTo(72);
        assertThat(GuideNumber.atSpeed(36, 200)).isCloseTo(50.912, within(5e-4));
        assertThat(GuideNumber.of(axial)).isCloseTo(36, within(1e-12));
    }
}
