package zephyrdune.answers.finding;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;

/** A set with one of its cards exchanged. */
final class Cards {

    private Cards() {}

    static TableSet with(TableSet set, int at, Card card) {
        List<Card> cards = new ArrayList<>(set.cards());
        cards.set(at, card);
        return set.withCards(cards);
    }

    static TableSet and(TableSet set, Card card) {
        List<Card> cards = new ArrayList<>(set.cards());
        cards.add(card);
        return set.withCards(cards);
    }
}
