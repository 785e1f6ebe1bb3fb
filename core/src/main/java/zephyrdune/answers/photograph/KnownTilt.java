package zephyrdune.answers.photograph;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A camera that was held level, at a known angle.
 *
 * @param elevation of the lens axis above the table, seen from the dish
 * @param framedWidth width of the frame in its middle, at the table
 */
public record KnownTilt(
        @Within(min = 0.05, max = Math.PI / 2, unit = Unit.RADIAN)
        double elevation,

        @Within(min = 0.03, max = 5, unit = Unit.METRE) double framedWidth)
        implements TablePlane {

    private static final Limits LIMITS = Limits.of(KnownTilt.class);

    public KnownTilt {
        LIMITS.require(elevation, framedWidth);
    }
}
