package zephyrdune.set.camera;

import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Where the frame has to stay empty for words or a sign.
 *
 * @param share of the frame's width or height
 */
public record TextSpace(
        Side side,
        @Within(min = 0.05, max = 0.8, unit = Unit.RATIO) double share) {

    private static final Limits LIMITS = Limits.of(TextSpace.class);

    public static final TextSpace NONE = new TextSpace(Side.NONE, 0.3);

    /** Sides of the frame. */
    public enum Side {
        NONE,
        LEFT,
        RIGHT,
        TOP,
        BOTTOM
    }

    public TextSpace {
        Objects.requireNonNull(side);
        LIMITS.require(share);
    }
}
