package zephyrdune.answers.readings;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.Spread;
import zephyrdune.set.surface.Surface;

/** Narrow beams leave parts of a set dark: what cannot be read there says why, and every other reading stands. */
public class NarrowBeamsTest {

    /** Full angle in degrees, clock in hours, height angle in degrees, distance in metres. */
    @DataProvider
    Object[][] beams() {
        return new Object[][] {
            {5, 10, 40, 0.9},
            {10, 10, 40, 0.9},
            {10, 9, 22, 0.9},
            {20, 11, 30, 0.8},
            {30, 8, 25, 1.1},
            {5, 10, 70, 0.5},
        };
    }

    @Test(dataProvider = "beams")
    public void everyReadingIsToldOrSaysWhy(double angle, double clock, double heightAngle, double distance) {
        TableSet set = Sets.lit(Sets.box(0.6, 0.6, clock, heightAngle, distance)
                .withSpread(new Honeycomb(1, Math.toRadians(angle), 1.0 / 3)));
        assertThat(Readings.of(set)).allSatisfy(reading -> {
            assertThat(reading.note()).isNotEqualTo(Readings.FAILED);
            assertThat(reading.value().isPresent() || !reading.note().isBlank())
                    .as("%s", reading.kind())
                    .isTrue();
            reading.value().ifPresent(value -> assertThat(value).isFinite());
        });
    }

    @Test
    public void anEdgeBesideTheBeamSaysSo() {
        Spread narrow = new Honeycomb(1, Math.toRadians(5), 1.0 / 3);
        // a tall post throws its tip far out of a beam that is as wide as the box
        TableSet set = Sets.lit(Sets.box(0.3, 0.3, 10, 40, 0.9).withSpread(narrow))
                .withDish(new Drum(0.06, 0.06, 0.28, Surface.CREAM, Surface.CREAM));
        Reading tip = Readings.of(set, ReadingKind.TIP_EDGE_SEEN);
        assertThat(tip.value()).isEmpty();
        assertThat(tip.note()).contains("one side of the edge is dark even without the dish");
        assertThat(Readings.of(set, ReadingKind.SHADOW_LENGTH).value()).isPresent();
    }

    @Test
    public void aWideGridChangesNothingOfNote() {
        TableSet open = Sets.chowder();
        TableSet grid = open.withLight(open.light().withSpread(new Gridded(0.2, 0.001, 0)));
        double without = Readings.of(open, ReadingKind.TIP_EDGE_SEEN).value().orElseThrow();
        assertThat(Readings.of(grid, ReadingKind.TIP_EDGE_SEEN).value().orElseThrow())
                .isBetween(0.97 * without, 1.03 * without);
    }
}
