package zephyrdune.set.room;

import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * An upright backdrop across the picture, standing on the table behind the hero point, centred on the lens axis.
 *
 * @param distance from the hero point
 */
public record Backdrop(
        @Within(min = 0.1, max = 10, unit = Unit.METRE) double distance,
        @Within(min = 0.1, max = 10, unit = Unit.METRE) double width,
        @Within(min = 0.1, max = 6, unit = Unit.METRE) double height,
        Surface surface) {

    private static final Limits LIMITS = Limits.of(Backdrop.class);

    public Backdrop {
        LIMITS.require(distance, width, height);
        Objects.requireNonNull(surface);
    }
}
