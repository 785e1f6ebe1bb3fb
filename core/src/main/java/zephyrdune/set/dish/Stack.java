package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A tower of thin slabs, each laid a little askew.
 *
 * @param sliceHeight of one slab, about; the tower is made of as many as fit best
 * @param askew 0 for a neat tower to 1 for an untidy one
 */
public record Stack(
        @Within(min = 0.02, max = 0.4, unit = Unit.METRE) double width,
        @Within(min = 0.02, max = 0.4, unit = Unit.METRE) double depth,
        @Within(min = 0.01, max = 0.5, unit = Unit.METRE) double stackHeight,
        @Within(min = 0.003, max = 0.1, unit = Unit.METRE) double sliceHeight,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double askew,
        Surface surface)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Stack.class);

    public Stack {
        LIMITS.require(width, depth, stackHeight, sliceHeight, askew);
        Objects.requireNonNull(surface);
    }

    @Override
    public double top() {
        return stackHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.rectangle(width, depth, stackHeight));
    }
}
