package zephyrdune.server.pictures;

import java.util.Set;
import java.util.TreeSet;
import zephyrdune.picture.Mix;
import zephyrdune.table.TableSet;
import zephyrdune.trace.Layers;

/**
 * What a view wants to see.
 *
 * @param turn counts the wishes of a view; pictures say which one they answer
 * @param off words of the layers that are left out
 * @param deep whether what is out of focus looks it
 * @param warnings whether what is clipped or blocked is marked
 */
record Wish(long turn, TableSet set, Set<String> off, boolean deep, boolean warnings) {

    Mix mix() {
        Set<Integer> left = new TreeSet<>();
        for (int layer = 0; layer < Layers.count(set.cards().size()); layer++) {
            if (off.contains(Layers.word(layer))) {
                left.add(layer);
            }
        }
        return Mix.of(set, left);
    }
}
