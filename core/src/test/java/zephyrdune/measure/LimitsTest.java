package zephyrdune.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LimitsTest {

    record Jar(
            @Within(min = 0.01, max = 0.5, unit = Unit.METRE)
            double width,

            String label) {
        private static final Limits LIMITS = Limits.of(Jar.class);

        Jar {
            LIMITS.require(width);
        }
    }

    record Unlimited(double width) {}

    @DataProvider
    Object[][] outside() {
        return new Object[][] {
            {0.0},
            {-0.1},
            {0.0099999},
            {0.5000001},
            {1e300},
            {Double.NaN},
            {Double.POSITIVE_INFINITY},
            {Double.NEGATIVE_INFINITY}
        };
    }

    @Test(dataProvider = "outside")
    public void refusesAndNamesTheField(double width) {
        assertThatThrownBy(() -> new Jar(width, "plum")).isInstanceOfSatisfying(OutOfLimits.class, refused -> {
            assertThat(refused.field()).isEqualTo("width");
            assertThat(Double.compare(refused.value(), width)).isZero();
            assertThat(refused.limit()).isEqualTo(new Limit("width", 0.01, 0.5, Unit.METRE));
            assertThat(refused).hasMessageContaining("0.01").hasMessageContaining("0.5");
        });
    }

    @Test
    public void bothEndsAreInside() {
        assertThatCode(() -> new Jar(0.01, "")).doesNotThrowAnyException();
        assertThatCode(() -> new Jar(0.5, "")).doesNotThrowAnyException();
    }

    @Test
    public void everyNumberHasToStateItsLimit() {
        assertThatThrownBy(() -> Limits.of(Unlimited.class))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("width");
    }

    @Test
    public void countsItsValues() {
        assertThatThrownBy(() -> Limits.of(Jar.class).require(0.1, 0.2)).isInstanceOf(IllegalStateException.class);
    }

    @Test
    public void oneStopIsTwiceTheLight() {
        assertThat(Stops.between(2, 1)).isEqualTo(1);
        assertThat(Stops.between(1, 8)).isEqualTo(-3);
        assertThat(Stops.ratio(-1)).isEqualTo(0.5);
        assertThat(Stops.between(0, 1)).isEqualTo(Double.NEGATIVE_INFINITY);
    }
}
