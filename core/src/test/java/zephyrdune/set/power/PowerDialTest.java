package zephyrdune.set.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.units.measure.OutOfLimits;

/** Dial marks by the arithmetic of halves; how they are written is common practice, no published source. */
public class PowerDialTest {

    private static final PowerDial THIRDS = new Fractions(7, DialStep.THIRD);
    private static final PowerDial TENTHS = new Fractions(8, DialStep.TENTH);
    private static final PowerDial WHOLE = new Fractions(5, DialStep.WHOLE);
    private static final PowerDial HALVES = new Fractions(6, DialStep.HALF);
    private static final PowerDial SCALE = new StopScale(10, 9, DialStep.TENTH);
    private static final PowerDial PERCENT = new Percent(0.1, 0.01, Dimming.LINEAR);
    private static final PowerDial COARSE = new Percent(0.2, 0.1, Dimming.LINEAR);
    private static final PowerDial SQUARE = new Percent(0.01, 0.01, Dimming.SQUARE_LAW);

    /** Dial, stops below full that are wanted, the mark, and what the mark is off by. */
    @DataProvider
    Object[][] marks() {
        double third = 1 / 3.0;
        return new Object[][] {
            {THIRDS, 0.0, "1/1", 0.0},
            {THIRDS, 1.0, "1/2", 0.0},
            {THIRDS, 3.0, "1/8", 0.0},
            {THIRDS, 3 - third, "1/8 + 1/3", 0.0},
            {THIRDS, 3 - 2 * third, "1/8 + 2/3", 0.0},
            {THIRDS, 2.8, "1/8 + 1/3", 2.8 - (3 - third)},
            {THIRDS, 0.1, "1/1", 0.1},
            {THIRDS, 7.0, "1/128", 0.0},
            {THIRDS, 9.0, "1/128", 2.0},
            {THIRDS, -1.2, "1/1", -1.2},
            {TENTHS, 3.7, "1/16 + 0.3", 0.0},
            {TENTHS, 3.66, "1/16 + 0.3", -0.04},
            {WHOLE, 2.4, "1/4", 0.4},
            {HALVES, 2.6, "1/8 + 1/2", 0.1},
            {SCALE, 0.0, "10.0", 0.0},
            {SCALE, 3.3, "6.7", 0.0},
            {SCALE, 9.0, "1.0", 0.0},
            {SCALE, 12.0, "1.0", 3.0},
            {PERCENT, 0.0, "100 %", 0.0},
            {PERCENT, 1.0, "50 %", 0.0},
            {PERCENT, 2.0, "25 %", 0.0},
            {PERCENT, 5.0, "10 %", 5 - Math.log(10) / Math.log(2)},
            {COARSE, 1.0, "50 %", 0.0},
            {COARSE, 0.5, "70 %", 0.5 + Math.log(0.7) / Math.log(2)},
            {SQUARE, 2.0, "50 %", 0.0},
            {SQUARE, 1.0, "71 %", 1 + 2 * Math.log(0.71) / Math.log(2)}
        };
    }

    @Test(dataProvider = "marks")
    public void nearestMark(PowerDial dial, double below, String text, double remainder) {
        DialMark mark = dial.nearest(below);
        assertThat(mark.text()).isEqualTo(text);
        assertThat(below - mark.below()).isCloseTo(remainder, within(1e-9));
    }

    @Test
    public void noMarkIsNearerThanTheOneGiven() {
        for (PowerDial dial : new PowerDial[] {THIRDS, TENTHS, WHOLE, HALVES, SCALE, PERCENT, COARSE, SQUARE}) {
            for (double wanted = 0; wanted < dial.range(); wanted += 0.053) {
                double off = Math.abs(wanted - dial.nearest(wanted).below());
                for (double other = 0; other < dial.range(); other += 0.15) {
                    assertThat(off)
                            .isLessThan(Math.abs(wanted - dial.nearest(other).below()) + 1e-9);
                }
            }
        }
    }

    /** Every mark of every scale, in every step: nearest to itself, read as it is written, in order, and in range. */
    @Test
    public void everyMarkGoesRound() {
        int marks = 0;
        for (DialStep step : DialStep.values()) {
            for (double range : new double[] {0, 3, 6.5, 7, 8, 9, 12}) {
                marks += roundTrips(new Fractions(range, step));
                marks += roundTrips(new StopScale(10, range, step));
                for (DialMark mark : new Fractions(range, step).marks()) {
                    // the same light by the other scale, and back
                    DialMark other = new StopScale(10, range, step).nearest(mark.below());
                    assertThat(new Fractions(range, step).nearest(other.below()))
                            .isEqualTo(mark);
                }
                marks += roundTrips(new StopScale(4.5, range, step));
            }
        }
        for (Dimming dimming : Dimming.values()) {
            for (double lowest : new double[] {0.001, 0.01, 0.05, 0.1, 0.2, 1}) {
                for (double size : new double[] {0.001, 0.005, 0.01, 0.05, 0.1, 0.25}) {
                    marks += roundTrips(new Percent(lowest, size, dimming));
                }
            }
        }
        assertThat(marks).isGreaterThan(5000);
    }

    private static int roundTrips(PowerDial dial) {
        double before = -1;
        List<DialMark> marks = dial.marks();
        for (DialMark mark : marks) {
            assertThat(mark.below()).isBetween(0.0, dial.range() + 1e-9).isGreaterThan(before);
            assertThat(dial.nearest(mark.below())).as("%s of %s", mark, dial).isEqualTo(mark);
            if (marks.size() < 130) {
                assertThat(dial.read(mark.text())).contains(mark);
                assertThat(dial.read(" " + mark.text().replace(" ", ""))).contains(mark);
            }
            before = mark.below();
        }
        assertThat(dial.read("11/7")).isEmpty();
        return marks.size();
    }

    @Test
    public void marksStayInTheDialsRange() {
        PowerDial odd = new Fractions(6.5, DialStep.WHOLE);
        assertThat(odd.nearest(6.5).text()).isEqualTo("1/64");
        assertThat(new StopScale(5, 3.75, DialStep.HALF).nearest(3.75).text()).isEqualTo("1.5");
        assertThat(new Percent(0.05, 0.1, Dimming.LINEAR).nearest(9).text()).isEqualTo("5 %");
        assertThat(new Percent(0.005, 0.005, Dimming.LINEAR).nearest(6).text()).isEqualTo("1.5 %");
        assertThat(SQUARE.range()).isCloseTo(2 * Math.log(100) / Math.log(2), within(1e-12));
    }

    @Test
    public void whatNoDialIsIsRefused() {
        assertThatThrownBy(() -> new Fractions(-1, DialStep.THIRD)).isInstanceOf(OutOfLimits.class);
        assertThatThrownBy(() -> new StopScale(10, 13, DialStep.THIRD)).isInstanceOf(OutOfLimits.class);
        assertThatThrownBy(() -> new Percent(0, 0.01, Dimming.LINEAR)).isInstanceOf(OutOfLimits.class);
        assertThatThrownBy(() -> new Percent(0.1, Double.NaN, Dimming.LINEAR)).isInstanceOf(OutOfLimits.class);
    }
}
