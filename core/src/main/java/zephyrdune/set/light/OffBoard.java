package zephyrdune.set.light;

import java.util.Objects;
import zephyrdune.set.surface.Finish;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A matte board or curtain that the bare source lights from the front, aimed at its middle: what it sends back is the light.
 *
 * @param surface of the board
 * @param gap from the source to the board's middle
 * @param aside from square before the board, the source's direction along its width
 * @param above from square before the board, the source's direction upwards
 */
public record OffBoard(
        Surface surface,
        @Within(min = 0.03, max = 5, unit = Unit.METRE) double gap,

        @Within(min = -Math.PI * 7 / 18, max = Math.PI * 7 / 18, unit = Unit.RADIAN)
        double aside,

        @Within(min = -Math.PI * 7 / 18, max = Math.PI * 7 / 18, unit = Unit.RADIAN)
        double above)
        implements Filling, LitByPoint {

    private static final Limits LIMITS = Limits.of(OffBoard.class);

    public OffBoard {
        requireMatte("surface", surface);
        LIMITS.require(gap, aside, above);
    }

    /** @throws Refused for one that mirrors */
    public static void requireMatte(String field, Surface surface) {
        Objects.requireNonNull(surface);
        if (surface.finish().sheen() == Finish.Sheen.METAL) {
            throw new Refused(
                    field,
                    "A board that mirrors sends the source itself on and makes no face of light; bounce off a matte one, "
                            + "and put the mirror up as a card");
        }
    }
}
