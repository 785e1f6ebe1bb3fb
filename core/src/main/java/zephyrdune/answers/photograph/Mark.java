package zephyrdune.answers.photograph;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A place on a photograph.
 *
 * @param across share of its width, from the left
 * @param down share of its height, from the top
 */
public record Mark(
        @Within(min = 0, max = 1, unit = Unit.RATIO) double across,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double down) {

    private static final Limits LIMITS = Limits.of(Mark.class);

    public Mark {
        LIMITS.require(across, down);
    }
}
