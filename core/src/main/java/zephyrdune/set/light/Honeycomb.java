package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A beam behind a grid of narrow round cells with black walls, named by the angle at which nothing comes through any more.
 *
 * @param power of the cosine that the beam without the grid follows: 1 is diffuse
 * @param angle full angle beyond which nothing passes
 * @param axialLoss on the axis, in the cells' walls; a third of a stop is usual (common practice, no published source)
 */
public record Honeycomb(
        @Within(min = 0.5, max = 400, unit = Unit.RATIO) double power,

        @Within(min = Math.PI / 36, max = Math.PI / 2, unit = Unit.RADIAN)
        double angle,

        @Within(min = 0, max = 2, unit = Unit.STOP) double axialLoss)
        implements Spread {

    private static final Limits LIMITS = Limits.of(Honeycomb.class);

    public Honeycomb {
        LIMITS.require(power, angle, axialLoss);
    }
}
