package zephyrdune.answers.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static zephyrdune.set.Sets.box;

import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;

/** The base of soft sun stands where there is room for it, and never in the key's way. */
public class SoftSunTest {

    private static final double SEEN = 0.05;

    private static BroadBase found(TableSet set) {
        BroadBase base = (BroadBase) SoftSun.on(set).base();
        assertThat(SoftSun.kept(set, base)).isLessThanOrEqualTo(SEEN);
        return base;
    }

    @Test
    public void theUsualPlaceWhereItIsFree() {
        TableSet set = Sets.lit(box(0.1, 0.1, 9, 40, 0.8));
        assertThat(found(set)).isEqualTo(BroadBase.softSun(set.light()));
    }

    /** The usual place reaches behind the backdrop here. */
    @Test
    public void anotherPlaceWhereTheUsualOneIsTaken() {
        TableSet set = Sets.chowder()
                .withBackdrop(new Backdrop(0.75, 2, 1.5, Surface.GREY_PAPER))
                .withLight(box(0.1, 0.1, 10.5, 45, 0.7));
        assertThatThrownBy(() -> set.withBase(BroadBase.softSun(set.light()))).isInstanceOf(Refused.class);
        BroadBase base = found(set);
        assertThat(base.under()).isEqualTo(1);
        assertThat(base).isNotEqualTo(BroadBase.softSun(set.light()));
    }

    /** With the key as far as a base can be, the usual base would stand before it. */
    @Test
    public void notInTheKeysWay() {
        TableSet set = Sets.lit(box(0.1, 0.1, 9, 40, 6));
        assertThat(SoftSun.kept(set, BroadBase.softSun(set.light()))).isGreaterThan(0.9);
        assertThat(found(set)).isNotEqualTo(BroadBase.softSun(set.light()));
    }

    @Test
    public void whereNothingIsFreeItIsSaidWhatToMove() {
        TableSet narrow = Sets.lit(box(0.1, 0.1, 12, 20, 0.4))
                .withBackdrop(new Backdrop(0.45, 0.5, 0.5, Surface.GREY_PAPER))
                .withTableTop(new TableTop(Surface.PALE_WOOD, 0.3, 0.3, 0.5, 0.3))
                .withRoom(new WalledRoom(0.5, 0.5, 0.55, 3, 0.92, 0.75, Surface.CREAM, Surface.CREAM, Surface.SLATE));
        assertThatThrownBy(() -> SoftSun.on(narrow))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("nearer or lower")
                .hasMessageContaining("backdrop");
    }
}
