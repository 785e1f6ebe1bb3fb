package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A diffuse face behind a grid of square cells with black walls.
 *
 * @param axialLoss on the axis, in the cells' walls; a third of a stop is usual (common practice, no published source)
 */
public record Gridded(
        @Within(min = 0.001, max = 0.2, unit = Unit.METRE) double cellWidth,
        @Within(min = 0.001, max = 0.3, unit = Unit.METRE) double cellDepth,
        @Within(min = 0, max = 2, unit = Unit.STOP) double axialLoss)
        implements Spread {

    private static final Limits LIMITS = Limits.of(Gridded.class);

    public Gridded {
        LIMITS.require(cellWidth, cellDepth, axialLoss);
    }
}
