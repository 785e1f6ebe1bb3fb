package zephyrdune.answers.fill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.picture.CardsInFrame;
import zephyrdune.render.picture.Metered;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.units.geometry.Bisection;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * What one card does: the set with it against the set without it, at the power that the set has with it.
 *
 * @param litSide stops that it adds to the hero's lit side; absent where there is no light or no lit side
 * @param shadowSide stops that it adds to the shadow side
 * @param top stops that it adds to the hero's lit top
 * @param unseenFrom level distance from the hero from which on the frame does not see it, metres; absent where it is always seen
 * @param secondLight what it mirrors onto the table, if it is a mirror
 */
public record CardFill(
        OptionalDouble litSide,
        OptionalDouble shadowSide,
        OptionalDouble top,
        OptionalDouble unseenFrom,
        Optional<SecondLight> secondLight) {

    private static final double NEAREST = 0.02;
    private static final double FARTHEST = 3;
    private static final double STEP = 0.05;
    private static final double FINE = 0.004;

    /** @throws Refused where the set has no such card */
    public static CardFill of(TableSet set, int card) {
        Card one = set.card(card);
        KeyLight key = KeyLight.of(set);
        Mix mix = Mix.of(set, Set.of(), key);
        List<Card> others = new ArrayList<>(set.cards());
        others.remove(card);
        TableSet without = set.withCards(others);
        Optional<Fill> with = Fill.of(set, key);
        double up = set.dish().top();
        Vector3D hero = Vector3D.of(0, 0, up);
        // the layers of the cards that are left are those of the others, and count alike
        return new CardFill(
                with.map(fill -> added(
                                set,
                                without,
                                mix,
                                fill.lit().place(),
                                fill.lit().facing()))
                        .orElse(OptionalDouble.empty()),
                with.map(fill -> added(
                                set,
                                without,
                                mix,
                                fill.shadow().place(),
                                fill.shadow().facing()))
                        .orElse(OptionalDouble.empty()),
                added(set, without, mix, hero, Vector3D.Unit.PLUS_Z),
                unseenFrom(set, card),
                SecondLight.of(set, one).stream().findFirst());
    }

    private static OptionalDouble added(TableSet set, TableSet without, Mix mix, Vector3D place, Vector3D normal) {
        Metered one = new Metered(set, Scene.of(set), place, normal, mix);
        Metered other = new Metered(without, Scene.of(without), place, normal, mix);
        Metered.settle(one, other);
        double stops = Stops.between(one.light(), other.light());
        return Double.isFinite(stops) ? OptionalDouble.of(stops) : OptionalDouble.empty();
    }

    /**
     * Level distance from the hero from which on the frame does not see a card, metres; absent where it is always seen.
     *
     * @throws Refused where the set has no such card
     */
    public static OptionalDouble unseenFrom(TableSet set, int card) {
        Card one = set.card(card);
        double seen = 0;
        for (double distance = NEAREST; distance <= FARTHEST; distance += STEP) {
            if (seen(set, card, one.withDistance(distance))) {
                seen = distance;
            }
        }
        if (seen + STEP > FARTHEST) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                seen == 0
                        ? NEAREST
                        : Bisection.of(seen, seen + STEP, FINE, distance -> seen(set, card, one.withDistance(distance)))
                                .fails());
    }

    private static boolean seen(TableSet set, int card, Card there) {
        try {
            List<Card> cards = new ArrayList<>(set.cards());
            cards.set(card, there);
            return CardsInFrame.shows(set.withCards(cards), card);
        } catch (Refused inTheDish) {
            return true;
        }
    }
}
