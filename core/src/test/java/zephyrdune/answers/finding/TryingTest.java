package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/** The least change that mends, in whole steps, for conditions whose bound is known. */
public class TryingTest {

    private static final double HOUR = Math.PI / 6;
    private static final TableSet SET = Sets.lit(box(0.3, 0.3, 9, 45, 1));

    private static Optional<Trying.Found> back(double most, double from) {
        return Trying.first(
                0.02,
                most,
                by -> SET.withLight(SET.light().withDistance(1 + by)),
                moved -> moved.light().distance() >= from - 1e-9);
    }

    @DataProvider
    Object[][] bounds() {
        return new Object[][] {
            {1.01, 0.02}, {1.02, 0.02}, {1.03, 0.04}, {1.13, 0.14}, {1.27, 0.28}, {1.4, 0.4}, {1.49, 0.5}
        };
    }

    @Test(dataProvider = "bounds")
    public void theLeastStepThatMends(double from, double by) {
        Trying.Found found = back(0.5, from).orElseThrow();
        assertThat(found.by()).isCloseTo(by, within(1e-9));
        assertThat(found.set().light().distance()).isCloseTo(1 + by, within(1e-9));
    }

    @Test
    public void noneWhereTheMostDoesNotMend() {
        assertThat(back(0.5, 1.51)).isEmpty();
        assertThat(back(0.5, 1.5)).isPresent();
        assertThat(back(0.01, 1.001)).isEmpty();
    }

    /** Fifty steps are not all tried. */
    @Test
    public void triesGoFurtherAndFurther() {
        AtomicInteger tries = new AtomicInteger();
        Trying.first(0.02, 1, by -> SET, set -> {
            tries.incrementAndGet();
            return false;
        });
        assertThat(tries.get()).isBetween(8, 20);
    }

    /** What cannot be is passed over: a light may have to go past something. */
    @Test
    public void whatIsRefusedIsPassedOver() {
        Optional<Trying.Found> found = Trying.first(
                0.02,
                0.5,
                by -> {
                    if (by < 0.21) {
                        throw new Refused("light.distance", "there is no room");
                    }
                    return SET.withLight(SET.light().withDistance(1 + by));
                },
                moved -> true);
        assertThat(found.orElseThrow().by()).isCloseTo(0.22, within(1e-9));
    }

    private static Optional<Mend> turned(double clock, double from, double to) {
        TableSet set = SET.withLight(SET.light().withClock(clock * HOUR));
        return Trying.round(set, HOUR / 4, Math.PI, moved -> {
            double hours = moved.light().clock() / HOUR;
            return hours >= from - 1e-9 && hours <= to + 1e-9;
        });
    }

    /** The shorter way round, over twelve o'clock too. */
    @Test
    public void roundTheShorterWay() {
        Mend clockwise = turned(9, 10, 11).orElseThrow();
        assertThat(clockwise.set().light().clock()).isCloseTo(10 * HOUR, within(1e-9));
        assertThat(clockwise.action()).isEqualTo("Move the light round to 10:00");
        Mend back = turned(9, 7, 8.5).orElseThrow();
        assertThat(back.set().light().clock()).isCloseTo(8.5 * HOUR, within(1e-9));
        assertThat(back.action()).isEqualTo("Move the light round to 8:30");
        assertThat(turned(0.5, 11, 11.5).orElseThrow().set().light().clock()).isCloseTo(11.5 * HOUR, within(1e-9));
        assertThat(turned(11.5, 0.5, 1).orElseThrow().set().light().clock()).isCloseTo(0.5 * HOUR, within(1e-9));
        assertThat(turned(9, 3.1, 3.1)).isEmpty();
    }
}
