package zephyrdune.table;

import java.util.Objects;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/** An upright backdrop across the picture, so far behind the hero point. It reaches beyond the frame. */
public record Backdrop(
        @Within(min = 0.1, max = 10, unit = Unit.METRE) double distance, Surface surface) {

    private static final Limits LIMITS = Limits.of(Backdrop.class);

    public Backdrop {
        LIMITS.require(distance);
        Objects.requireNonNull(surface);
    }
}
