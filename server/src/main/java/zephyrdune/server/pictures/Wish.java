package zephyrdune.server.pictures;

import zephyrdune.picture.Mix;
import zephyrdune.picture.Switched;

/**
 * What a view wants to see.
 *
 * @param turn counts the wishes of a view; pictures say which one they answer
 * @param shown the set, and what of it is switched off
 * @param deep whether what is out of focus looks it
 * @param warnings whether what is clipped or blocked is marked
 */
record Wish(long turn, Switched shown, boolean deep, boolean warnings) {

    Mix mix() {
        return Mix.of(shown.set(), shown.off());
    }
}
