package zephyrdune.set.room;

import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The table top: a level rectangle round the hero point. Distances are from the hero point to its edges.
 *
 * @param left to the edge on the left of the picture
 * @param right to the edge on the right
 * @param behind to the edge behind the dish
 * @param before to the edge at the camera
 */
public record TableTop(
        Surface surface,
        @Within(min = 0.1, max = 20, unit = Unit.METRE) double left,
        @Within(min = 0.1, max = 20, unit = Unit.METRE) double right,
        @Within(min = 0.1, max = 20, unit = Unit.METRE) double behind,
        @Within(min = 0.1, max = 20, unit = Unit.METRE) double before) {

    private static final Limits LIMITS = Limits.of(TableTop.class);

    /** As far as a table top may reach, metres. */
    public static final double FARTHEST = 20;

    public TableTop {
        Objects.requireNonNull(surface);
        LIMITS.require(left, right, behind, before);
    }

    /** Whether a place seen from above is on it. */
    public boolean holds(double x, double y) {
        return x >= -left && x <= right && y >= -before && y <= behind;
    }
}
