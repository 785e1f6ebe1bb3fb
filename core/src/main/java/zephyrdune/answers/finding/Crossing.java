package zephyrdune.answers.finding;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.Outlines;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.units.measure.Lengths;

/** Cards that go through each other. */
final class Crossing {

    private static final double STEP = 0.02;
    private static final double FARTHEST = 0.8;

    private Crossing() {}

    static Optional<Spoiled> cards(Inspection scene) {
        TableSet set = scene.set;
        return IntStream.range(0, set.cards().size())
                .filter(card -> !through(set, card).isEmpty())
                .boxed()
                .findFirst()
                .map(card -> new Spoiled(
                        Finding.Kind.CARD_THROUGH,
                        "cards[%d].distance".formatted(card),
                        "Card %d goes through %s".formatted(card + 1, through(set, card)),
                        () -> apart(set, card)));
    }

    private static Optional<Mend> apart(TableSet set, int card) {
        Card one = set.cards().get(card);
        Optional<Trying.Found> out = moved(set, card, one, 1);
        Optional<Trying.Found> in = moved(set, card, one, -1);
        boolean outwards =
                out.isPresent() && (in.isEmpty() || out.get().by() <= in.get().by());
        return (outwards ? out : in)
                .map(way -> new Mend(
                        "Move it %s by %s".formatted(outwards ? "out" : "in", Lengths.words(way.by())), way.set()));
    }

    private static Optional<Trying.Found> moved(TableSet set, int card, Card one, int way) {
        return Trying.first(
                STEP,
                FARTHEST,
                by -> Cards.with(set, card, one.withDistance(one.distance() + way * by)),
                changed -> through(changed, card).isEmpty());
    }

    /** What a card goes through, in words; empty for nothing. What it cannot go through in any set is left to the set itself. */
    private static String through(TableSet set, int card) {
        for (List<Vector3D> outline : set.cards().get(card).outlines()) {
            for (int other = 0; other < card; other++) {
                for (Panel panel : set.cards().get(other).panels()) {
                    if (Outlines.cross(outline, panel.corners())) {
                        return "card " + (other + 1);
                    }
                }
            }
        }
        return "";
    }
}
