package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.dish.Block;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.surface.Surface;

/** Rounds of looks at one element: their mean, and that they say how sure it is. */
public class IncidenceTest {

    private static final Vector3D PLACE = Vector3D.of(0.08, 0, 0.05);

    private static TableSet set(Card... cards) {
        return Sets.lit(box(0.3, 0.3, 9, 40, 0.9))
                .withDish(new Block(0.1, 0.1, 0.06, Surface.GREY_PAPER))
                .withAmbient(new Ambient(200, 5500, 5))
                .withCards(List.of(cards));
    }

    private static Card opposite(double bend) {
        return new Card(Surface.WHITE_PAPER, 0.2, 0.2, Math.PI / 2, 0.3, 0, 0, 0, bend, Cut.NONE);
    }

    private static Incidence looked(TableSet set, int rounds) {
        Incidence incidence = new Incidence(set, Scene.of(set), PLACE, Vector3D.Unit.PLUS_X);
        IntStream.range(0, rounds).forEach(i -> incidence.more());
        return incidence;
    }

    /** Green of the card's layer and of all else but the key straight on. */
    private static double byOthers(double[] layers) {
        double sum = 0;
        for (int i = 0; i < layers.length; i++) {
            sum += i % 3 == 1 && i != 3 * Layers.KEY + 1 ? layers[i] : 0;
        }
        return sum;
    }

    @Test
    public void theLightIsTheMeanOfItsRounds() {
        Incidence incidence = looked(set(opposite(0)), 5);
        assertThat(incidence.size()).isEqualTo(5);
        assertThat(incidence.rounds()).hasSize(5);
        double mean = incidence.rounds().stream()
                .mapToDouble(IncidenceTest::byOthers)
                .average()
                .orElseThrow();
        assertThat(byOthers(incidence.light())).isCloseTo(mean, within(1e-9 * mean));
        assertThat(incidence.more()).isEqualTo(incidence.rounds().get(5));
        assertThat(incidence.rounds().stream()
                        .mapToDouble(IncidenceTest::byOthers)
                        .distinct()
                        .count())
                .isEqualTo(6);
    }

    /** A white card's light alone, found by two wings or by one flat card of as many directions: twice 512 rounds agree to their own noise. */
    @Test
    public void directionsToCardsAndAllRoundAgree() {
        ToDoubleFunction<TableSet> card = set -> looked(set, 512).light()[3 * Layers.FIRST_CARD + 1];
        double flat = card.applyAsDouble(set(opposite(0)));
        double bent = card.applyAsDouble(set(opposite(0.01)));
        assertThat(bent / flat).isCloseTo(1, within(0.02));
        // beside another card, far from the element's sight, the first gives what it gave
        Card behind = new Card(Surface.BLACK_PAPER, 0.05, 0.05, 3 * Math.PI / 2, 1.5, 0, 0, 0);
        assertThat(card.applyAsDouble(set(opposite(0), behind)) / flat).isCloseTo(1, within(0.02));
    }

    /** The mean of many rounds lies within the error that their spread tells, as often as a normal error would. */
    @Test
    public void roundsTellTheError() {
        double truth = byOthers(looked(set(opposite(0)), 2048).light());
        List<double[]> rounds = looked(set(opposite(0)), 512).rounds();
        int within = 0;
        int groups = 32;
        for (int g = 0; g < groups; g++) {
            double[] some = rounds.subList(16 * g, 16 * (g + 1)).stream()
                    .mapToDouble(IncidenceTest::byOthers)
                    .toArray();
            double mean =
                    IntStream.range(0, 16).mapToDouble(i -> some[i]).average().orElseThrow();
            double spread = Math.sqrt(IntStream.range(0, 16)
                            .mapToDouble(i -> Math.pow(some[i] - mean, 2))
                            .sum()
                    / 15
                    / 16);
            within += Math.abs(mean - truth) <= 2 * spread ? 1 : 0;
        }
        assertThat(within).isGreaterThanOrEqualTo(28);
    }

    @Test
    public void beforeTheFirstRoundThereIsNothing() {
        assertThatThrownBy(() -> looked(set(), 0).light()).isInstanceOf(IllegalStateException.class);
    }

    @Test
    public void canBeEnded() {
        Incidence incidence = looked(set(opposite(0)), 1);
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(incidence::more).isInstanceOf(CancellationException.class);
        } finally {
            Thread.interrupted();
        }
        assertThat(incidence.size()).isEqualTo(1);
    }
}
