package zephyrdune.render.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.trace.Layers;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;

/**
 * A set with some of its layers switched off. A card that is switched off is gone: it neither sends light nor keeps any off, and the power
 * stays where it was. With the key itself off, cards stay: then what is left out is the key's light by way of them.
 *
 * @param set what is left
 * @param off layers of that set to leave out of its picture
 */
public record Switched(TableSet set, Set<Integer> off) {

    /** @param words of layers that are off; those that the set has not are passed over */
    public static Switched of(TableSet set, Set<String> words) {
        boolean keyOff = words.contains(Layers.word(Layers.KEY));
        Set<Integer> off = new TreeSet<>();
        for (int layer = 0; layer < Layers.FIRST_CARD; layer++) {
            if (words.contains(Layers.word(layer))) {
                off.add(layer);
            }
        }
        List<Card> left = new ArrayList<>();
        for (int i = 0; i < set.cards().size(); i++) {
            boolean cardOff = words.contains(Layers.word(Layers.FIRST_CARD + i));
            if (cardOff && keyOff) {
                off.add(Layers.FIRST_CARD + left.size());
            }
            if (!cardOff || keyOff) {
                left.add(set.cards().get(i));
            }
        }
        return left.size() == set.cards().size()
                ? new Switched(set, off)
                : new Switched(MeteredExposure.fixed(set).withCards(left), off);
    }
}
