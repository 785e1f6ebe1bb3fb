package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A flat board. */
public record ServingBoard(
        @Within(min = 0.05, max = 0.6, unit = Unit.METRE) double width,
        @Within(min = 0.05, max = 0.6, unit = Unit.METRE) double depth,
        @Within(min = 0.005, max = 0.06, unit = Unit.METRE) double thickness,
        Surface surface)
        implements Dish {

    private static final Limits LIMITS = Limits.of(ServingBoard.class);

    public ServingBoard {
        LIMITS.require(width, depth, thickness);
        Objects.requireNonNull(surface);
    }

    @Override
    public double top() {
        return thickness;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.rectangle(width, depth, thickness));
    }
}
