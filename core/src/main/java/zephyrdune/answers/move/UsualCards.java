package zephyrdune.answers.move;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.kit.Board;
import zephyrdune.set.surface.Surface;

/** What is usually put round a dish. Sizes are common practice, no published source. */
public final class UsualCards {

    private static final double HOLED = 0.5;

    /** A card leaves at least so much room to the dish, metres. */
    private static final double CLEAR = 0.05;

    /** Holes of three centimetres, twice as far apart: spots of light on a plate. */
    private static final Cut HOLES = Cut.of(new RoundHoles(0.03, 0.06));

    private UsualCards() {}

    /** A black card of holes. */
    public static Card holed() {
        return standing(Surface.BLACK_PAPER, HOLED, HOLED).withCut(HOLES);
    }

    /** A board as it stands. */
    public static Card of(Board board) {
        return standing(board.surface(), board.width(), board.height());
    }

    private static Card standing(Surface surface, double width, double height) {
        return new Card(surface, width, height, 0, width, 0, 0, 0);
    }

    /**
     * A set with one card more, opposite the light to begin with and put from there.
     *
     * @throws zephyrdune.units.measure.Refused where it could not stand
     */
    public static TableSet added(TableSet set, Card card, CardPlace place) {
        List<Card> cards = new ArrayList<>(set.cards());
        double clear = Math.max(card.distance(), set.dish().radius() + CLEAR);
        cards.add(card.withPlace(CardPlace.clock(set.light().clock() + Math.PI), clear, 0));
        return place.put(set.withCards(cards), cards.size() - 1);
    }
}
