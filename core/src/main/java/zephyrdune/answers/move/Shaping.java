package zephyrdune.answers.move;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.fill.Fill;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Slit;

/** Which of a set's cards a lever takes hold of, and what it does to it. */
public final class Shaping {

    private Shaping() {}

    /** The card that fills: of those that do not cut the key, the one most nearly opposite it. */
    public static Optional<Integer> fill(TableSet set) {
        double opposite = set.light().clock() + Math.PI;
        return IntStream.range(0, set.cards().size())
                .boxed()
                .filter(at -> Fill.fills(set, set.cards().get(at)))
                .max(Comparator.comparingDouble(
                        at -> Math.cos(set.cards().get(at).clock() - opposite)));
    }

    static Optional<Integer> slit(TableSet set) {
        return first(set, card -> card.cut().holes() instanceof Slit);
    }

    static double gap(TableSet set, int at) {
        return ((Slit) set.cards().get(at).cut().holes()).gap();
    }

    /** The card that cuts: the first with a pattern or slit, or else the first that does not only fill. */
    static Optional<Integer> cut(TableSet set) {
        return first(set, card -> card.cut().any()).or(() -> first(set, card -> !Fill.fills(set, card)));
    }

    private static Optional<Integer> first(TableSet set, Predicate<Card> wanted) {
        return IntStream.range(0, set.cards().size())
                .boxed()
                .filter(at -> wanted.test(set.cards().get(at)))
                .findFirst();
    }

    static double distance(TableSet set, int at) {
        return set.cards().get(at).centre().distance(top(set));
    }

    /** The card at another distance from the hero's top, on the line between the two, or on the table where that would lead under it. */
    static Card moved(TableSet set, Card card, double metres) {
        Vector3D way = card.centre().subtract(top(set));
        Vector3D there = top(set).add(way.multiply(metres / way.norm()));
        double lift = Math.max(0, there.getZ() - card.height() / 2 * Math.cos(card.lean()));
        double clock = Math.atan2(there.getX(), there.getY());
        return card.withPlace(clock < 0 ? clock + 2 * Math.PI : clock, Math.hypot(there.getX(), there.getY()), lift);
    }

    private static Vector3D top(TableSet set) {
        return Vector3D.of(0, 0, set.dish().top());
    }

    /** A set with one of its cards changed. */
    public static TableSet changed(TableSet set, int at, UnaryOperator<Card> change) {
        List<Card> cards = new ArrayList<>(set.cards());
        cards.set(at, change.apply(cards.get(at)));
        return set.withCards(cards);
    }
}
