package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A rectangular block along x and y: a stack, a loaf, a slab, a carton. */
public record Block(
        @Within(min = 0.01, max = 0.6, unit = Unit.METRE) double width,
        @Within(min = 0.01, max = 0.6, unit = Unit.METRE) double depth,
        @Within(min = 0.005, max = 0.6, unit = Unit.METRE) double blockHeight,
        Surface surface)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Block.class);

    public Block {
        LIMITS.require(width, depth, blockHeight);
        Objects.requireNonNull(surface);
    }

    @Override
    public double top() {
        return blockHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.rectangle(width, depth, blockHeight));
    }
}
