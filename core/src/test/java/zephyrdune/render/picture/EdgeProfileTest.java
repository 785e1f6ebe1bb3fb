package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/** The profile tool against the readings, which find the same edge in another way. */
public class EdgeProfileTest {

    @DataProvider
    Object[][] sizes() {
        return new Object[][] {{0.05}, {0.1}, {0.2}};
    }

    @Test(dataProvider = "sizes")
    public void isAsWideAsTheReading(double size) {
        TableSet set = Sets.lit(Sets.box(size, size, 10, 40, 0.9));
        double reading = Readings.of(set, ReadingKind.TIP_EDGE_SEEN).value().orElseThrow();
        TableShadow shadow = TableShadow.of(set).orElseThrow();
        Vector3D foot = Vector3D.of(shadow.tipEdge().getX(), shadow.tipEdge().getY(), 0);
        Vector3D away = shadow.tip().subtract(foot).normalize();
        Perspective view = Perspective.of(set);
        Vector3D from = view.project(shadow.tip().subtract(away.multiply(0.75 * reading)));
        Vector3D to = view.project(shadow.tip().add(away.multiply(0.9 * reading)));
        EdgeProfile profile = EdgeProfile.of(set, from.getX(), from.getY(), to.getX(), to.getY());
        assertThat(profile.width().orElseThrow()).isCloseTo(reading, within(0.02 * reading));
        assertThat(profile.depth()).isBetween(2.0, 5.0);
        double length = profile.points().get(profile.points().size() - 1).along();
        assertThat(length).isCloseTo(1.65 * reading, within(1e-9));
    }

    @Test
    public void linesThatMeasureNothingAreRefused() {
        TableSet set = Sets.chowder();
        assertThatThrownBy(() -> EdgeProfile.of(set, 0.5, 0.5, 0.95, 0.5))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("one flat surface");
        assertThatThrownBy(() -> EdgeProfile.of(set, 0.1, 0.9, 0.1, 0.9)).hasMessageContaining("too short");
        assertThatThrownBy(() -> EdgeProfile.of(set, Double.NaN, 0, 1, 1)).hasMessageContaining("in the frame");
        assertThatThrownBy(() -> EdgeProfile.of(set, -0.1, 0, 1, 1)).hasMessageContaining("in the frame");
    }

    @Test
    public void anOpenTableHasNoEdge() {
        EdgeProfile profile = EdgeProfile.of(Sets.chowder(), 0.05, 0.9, 0.4, 0.95);
        assertThat(profile.width()).isEmpty();
        assertThat(profile.points())
                .allSatisfy(point -> assertThat(point.open()).isCloseTo(1, within(1e-6)));
    }
}
