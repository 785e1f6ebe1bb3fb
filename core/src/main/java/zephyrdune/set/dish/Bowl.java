package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A round bowl with something in it.
 *
 * @param fill level of the contents as a share of the bowl's height
 */
public record Bowl(
        @Within(min = 0.05, max = 0.6, unit = Unit.METRE) double diameter,
        @Within(min = 0.02, max = 0.4, unit = Unit.METRE) double rimHeight,
        Surface surface,
        @Within(min = 0.2, max = 0.95, unit = Unit.RATIO) double fill,
        Surface contents)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Bowl.class);

    public Bowl {
        LIMITS.require(diameter, rimHeight, fill);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(contents);
    }

    @Override
    public double top() {
        return fill * rimHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, rimHeight));
    }
}
