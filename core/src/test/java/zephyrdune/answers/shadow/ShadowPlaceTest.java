package zephyrdune.answers.shadow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Block;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;

/** Where depth is read: half way along what is to be seen of the shadow on the table. */
public class ShadowPlaceTest {

    private static final double LEFT = 0.5;
    private static final double RIGHT = 0.4;
    private static final double FRONT = 0.35;
    private static final double BACK = 0.6;
    private static final double FAR = 2;

    @DataProvider
    Object[][] ways() {
        return new Object[][] {
            {9, FAR, 1, 0, RIGHT},
            {3, FAR, -1, 0, LEFT},
            {12, FAR, 0, -1, FRONT},
            {6, FAR, 0, 1, BACK},
            {6, 0.45, 0, 1, 0.45}
        };
    }

    private static TableSet set(double clock, double height, double backdrop) {
        return Sets.chowder()
                .withBackdrop(new Backdrop(FAR, 2, 1.5, Surface.GREY_PAPER))
                .withLight(box(0.02, 0.02, clock, height, 1.5))
                .withBackdrop(new Backdrop(backdrop, 2, 1.5, Surface.GREY_PAPER))
                .withDish(new Block(0.06, 0.06, 0.3, Surface.GREY_PAPER))
                .withTableTop(new TableTop(Surface.PALE_WOOD, LEFT, RIGHT, BACK, FRONT));
    }

    private static Vector3D place(TableSet set) {
        return ShadowDepth.of(set, KeyLight.of(set)).orElseThrow().place();
    }

    /** A shadow far longer than the table, towards each of its ends. */
    @Test(dataProvider = "ways")
    public void toTheEndOfTheTableOrTheBackdrop(double clock, double backdrop, int dx, int dy, double end) {
        TableSet set = set(clock, 20, backdrop);
        Vector3D from = TableShadow.of(set).orElseThrow().from();
        Vector3D place = place(set);
        double out = from.getX() * dx + from.getY() * dy;
        assertThat(place.getX() * dx + place.getY() * dy).isCloseTo((out + end) / 2, within(1e-9));
        assertThat(place.getX() * dy + place.getY() * dx).isCloseTo(0, within(1e-6));
    }

    /** A short one, to its tip. */
    @Test(dataProvider = "ways")
    public void toTheTipWhereThatIsOnTheTable(double clock, double backdrop, int dx, int dy, double end) {
        TableSet set = set(clock, 70, backdrop);
        TableShadow shadow = TableShadow.of(set).orElseThrow();
        double tip = shadow.tip().getX() * dx + shadow.tip().getY() * dy;
        double from = shadow.from().getX() * dx + shadow.from().getY() * dy;
        assertThat(tip).isLessThan(end);
        Vector3D place = place(set);
        assertThat(place.getX() * dx + place.getY() * dy).isCloseTo((from + tip) / 2, within(1e-9));
    }

    /** Where its foot is the table's end there is none on the table. */
    @Test
    public void noneWhereNothingOfItIsOnTheTable() {
        TableTop small = new TableTop(Surface.PALE_WOOD, LEFT, 0.1, BACK, FRONT);
        TableSet wide = set(9, 20, FAR).withDish(new Block(0.2, 0.06, 0.3, Surface.GREY_PAPER));
        assertThat(ShadowDepth.of(wide, KeyLight.of(wide))).isPresent();
        TableSet atTheEdge = wide.withTableTop(small);
        assertThat(ShadowDepth.of(atTheEdge, KeyLight.of(atTheEdge))).isEmpty();
    }
}
