package zephyrdune.units.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
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

    record Shelf(
            @Count(min = 1, max = 2) List<Jar> jars,
            @Line(max = 5) String label) {}

    @Test
    public void aComponentThatDoesNotExistFailsWhenItIsLookedUp() {
        assertThatThrownBy(() -> Limits.count(Shelf.class, "jar"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("has no component jar");
        assertThatThrownBy(() -> Limits.count(Shelf.class, "label"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("states no count");
        assertThatThrownBy(() -> Limits.line(Shelf.class, "jars"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("states no length");
    }

    @Test
    public void countsParts() {
        CountLimit jars = Limits.count(Shelf.class, "jars");
        assertThatThrownBy(() -> jars.copy(List.of()))
                .isInstanceOf(Refused.class)
                .hasMessage("jars holds 0 parts; it must hold between 1 and 2");
        assertThat(jars.copy(List.of(1, 2))).containsExactly(1, 2);
    }

    /** What is no line of text: control characters, halves of pairs, what is set aside for programs. */
    @DataProvider
    Object[][] noText() {
        return new Object[][] {
            {"a\0b"}, {"a\nb"}, {"\ud83e"}, {"\udd58"}, {"\uffff"}, {"\ufdd0"}, {"a\u2029b"}, {"\u007f"}
        };
    }

    @Test(dataProvider = "noText")
    public void whatIsNoTextIsRefusedAndCleanedAway(String text) {
        LineLimit label = Limits.line(Shelf.class, "label");
        assertThatThrownBy(() -> label.require(text))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("U+");
        String clean = label.clean("x" + text);
        assertThatCode(() -> label.require(clean)).doesNotThrowAnyException();
    }

    @Test
    public void aTextIsCutBetweenSigns() {
        String family = "\ud83d\udc69\u200d\ud83c\udf73"; // a cook: two code points and what joins them
        assertThat(LineLimit.cut("ab" + family, 4)).isEqualTo("ab");
        assertThat(LineLimit.cut("ab" + family, 5)).isEqualTo("ab" + family);
        assertThat(LineLimit.cut("e\u0301e\u0301", 3)).isEqualTo("e\u0301");
        assertThat(Limits.line(Shelf.class, "label").clean("  abc def")).isEqualTo("abc d");
    }
}
