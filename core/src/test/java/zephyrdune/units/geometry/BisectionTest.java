package zephyrdune.units.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;

/** Against values whose place is known. */
public class BisectionTest {

    @Test
    public void findsTheRootOfTwoFromBothSides() {
        Bisection up = Bisection.of(0, 2, 1e-9, x -> x * x <= 2);
        assertThat(up.holds()).isLessThanOrEqualTo(Math.sqrt(2)).isCloseTo(Math.sqrt(2), within(1e-9));
        assertThat(up.fails()).isGreaterThan(Math.sqrt(2)).isCloseTo(Math.sqrt(2), within(1e-9));
        assertThat(up.middle()).isCloseTo((up.holds() + up.fails()) / 2, within(1e-15));
        Bisection down = Bisection.of(0, -2, 1e-9, x -> x * x <= 2);
        assertThat(down.holds()).isCloseTo(-Math.sqrt(2), within(1e-9));
        assertThat(down.fails()).isLessThan(down.holds());
    }

    /** Each try halves the way: 1 to 1/1024 takes ten, and ends there. */
    @Test
    public void halvesAndTriesNoMoreThanItHasTo() {
        AtomicInteger tries = new AtomicInteger();
        Bisection found = Bisection.of(0, 1, 1.0 / 1024, x -> {
            tries.incrementAndGet();
            return x < 0.3;
        });
        assertThat(tries).hasValue(10);
        assertThat(found.fails() - found.holds()).isEqualTo(1.0 / 1024);
    }
}
