package zephyrdune.set.camera;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * On top of whatever stands there, or on the bare table, facing up.
 *
 * @param x to the right of the hero point
 * @param y away from the camera
 */
public record AnyPlace(
        @Within(min = -3, max = 3, unit = Unit.METRE) double x,
        @Within(min = -3, max = 3, unit = Unit.METRE) double y) implements MeteringPoint {

    private static final Limits LIMITS = Limits.of(AnyPlace.class);

    public AnyPlace {
        LIMITS.require(x, y);
    }
}
