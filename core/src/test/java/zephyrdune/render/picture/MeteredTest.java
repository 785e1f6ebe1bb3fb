package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.render.trace.Incidence;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.sampling.Sureness;

/** Light at two places looked at until their ratio is sure. */
public class MeteredTest {

    private static final int LEAST = 12;

    private static TableSet set(Card... cards) {
        return Sets.lit(box(0.3, 0.3, 9, 40, 0.9))
                .withDish(new Block(0.1, 0.1, 0.06, Surface.GREY_PAPER))
                .withCards(List.of(cards));
    }

    private static Metered lit(TableSet set) {
        return new Metered(
                set, Scene.of(set), Vector3D.of(-0.06, 0, 0.03), Vector3D.Unit.MINUS_X, Mix.of(set, Set.of()));
    }

    private static Metered shaded(TableSet set) {
        return new Metered(set, Scene.of(set), Vector3D.of(0.06, 0, 0.03), Vector3D.Unit.PLUS_X, Mix.of(set, Set.of()));
    }

    /** Where nothing sends light but the source, every round says the same: a dozen are enough. */
    @Test
    public void aDozenRoundsAreEnoughWhereNothingScatters() {
        TableSet black = set().withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER))
                .withAmbient(new Ambient(0, 5500, 5));
        Metered one = lit(black);
        Metered other = lit(black);
        assertThat(Metered.settle(one, other)).isLessThan(0.03);
        assertThat(one.size()).isEqualTo(LEAST);
        assertThat(other.size()).isEqualTo(LEAST);
    }

    /** The less sure of the two is looked at on, whichever it is, until 0.03 stop is reached. */
    @Test
    public void theLessSureIsLookedAtOn() {
        TableSet set = set();
        for (boolean first : new boolean[] {true, false}) {
            Metered bright = lit(set);
            Metered dark = shaded(set);
            double error = first ? Metered.settle(dark, bright) : Metered.settle(bright, dark);
            assertThat(error).isPositive().isLessThanOrEqualTo(0.03);
            assertThat(dark.size()).as("dark first: " + first).isGreaterThan(LEAST);
            assertThat(bright.size()).isEqualTo(LEAST);
        }
    }

    /** Two looking glasses that shine into each other: given up after 64 rounds of each, or at once after a dozen, and the error that is left is told. */
    @Test
    public void lookingEndsAndTheErrorIsTold() {
        Card far = new Card(Surface.MIRROR, 0.6, 0.6, Math.PI / 2, 0.5, 0, 0.5, 0);
        Card near = new Card(Surface.MIRROR, 0.2, 0.2, 2 * Math.PI / 6, 0.3, 0, -0.6, 0);
        TableSet set = set(far, near).withTableTop(Sets.endless(Surface.BLACK_PAPER));
        Vector3D beside = Vector3D.of(0.06, 0.01, 0.03);
        Mix mix = Mix.of(set, Set.of());
        Metered one = shaded(set);
        Metered other = new Metered(set, Scene.of(set), beside, Vector3D.Unit.PLUS_X, mix);
        double atOnce = Metered.settle(one, other, Sureness.AT_ONCE);
        assertThat(one.size()).isEqualTo(LEAST);
        assertThat(other.size()).isEqualTo(LEAST);
        double error = Metered.settle(one, other);
        assertThat(atOnce).isGreaterThan(error);
        Incidence truth = new Incidence(set, Scene.of(set), beside, Vector3D.Unit.PLUS_X);
        IntStream.range(0, 2000).forEach(i -> truth.more());
        double off = Math.abs(Stops.between(other.light(), mix.light(truth.light())));
        assertThat(error).isGreaterThan(0.03);
        assertThat(one.size()).isEqualTo(64);
        assertThat(other.size()).isEqualTo(64);
        assertThat(off).isLessThan(3 * error);
    }
}
