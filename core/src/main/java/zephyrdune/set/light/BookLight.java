package zephyrdune.set.light;

import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A panel lit from behind by a matte board that the bare source lights: bounced, then diffused. The board stands square behind
 * the panel and faces it; the source stands beside the panel, aimed at the board's middle.
 *
 * @param surface of the board
 * @param gap from the board to the panel
 * @param boardWidth along the panel's width
 * @param boardHeight along the panel's height
 * @param throwing from the source to the board's middle
 * @param aside from square before the board, the source's direction
 */
public record BookLight(
        Surface surface,
        @Within(min = 0.05, max = 5, unit = Unit.METRE) double gap,
        @Within(min = 0.1, max = 4, unit = Unit.METRE) double boardWidth,
        @Within(min = 0.1, max = 4, unit = Unit.METRE) double boardHeight,
        @Within(min = 0.1, max = 5, unit = Unit.METRE) double throwing,

        @Within(min = -Math.PI * 7 / 18, max = Math.PI * 7 / 18, unit = Unit.RADIAN)
        double aside)
        implements Filling {

    private static final Limits LIMITS = Limits.of(BookLight.class);

    public BookLight {
        OffBoard.requireMatte("surface", surface);
        LIMITS.require(gap, boardWidth, boardHeight, throwing, aside);
    }
}
