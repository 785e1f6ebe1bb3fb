package zephyrdune.answers.wall;

import zephyrdune.set.kit.Shaper;

/**
 * A frame of the wall.
 *
 * @param shaper that was on the source, as its numbers are stated
 * @param below full power, stops, that the source was set to
 */
public record WallFrame(Shaper shaper, double below, WallProfile profile) {

    /** Whether the others are compared with it. */
    boolean bare() {
        return WallReading.bare(shaper);
    }
}
