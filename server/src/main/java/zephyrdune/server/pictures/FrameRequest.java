package zephyrdune.server.pictures;

import java.util.Set;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.Switched;
import zephyrdune.set.TableSet;

/**
 * What a view wants to see.
 *
 * @param turn counts the wishes of a view; pictures say which one they answer
 * @param off words of the layers that are left out
 * @param deep whether what is out of focus looks it
 * @param warnings whether what is clipped or blocked is marked
 * @param rollOff whether highlights roll off instead of being cut off
 */
record FrameRequest(long turn, TableSet set, Set<String> off, boolean deep, boolean warnings, boolean rollOff) {

    /**
     * A wish with what has to be worked out before anything can be painted.
     *
     * @param set what is left of the set when all that is off is away
     */
    record Prepared(FrameRequest wish, TableSet set, Mix mix) {}

    Prepared prepare() {
        Switched shown = Switched.of(set, off);
        return new Prepared(this, shown.set(), Mix.of(shown.set(), shown.off()));
    }
}
