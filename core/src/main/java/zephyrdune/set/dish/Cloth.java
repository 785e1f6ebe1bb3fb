package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A folded cloth that lies in soft waves. */
public record Cloth(
        @Within(min = 0.05, max = 0.6, unit = Unit.METRE) double width,
        @Within(min = 0.05, max = 0.6, unit = Unit.METRE) double depth,
        Surface surface)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Cloth.class);

    /** Of the folded cloth, metres. */
    public static final double THICKNESS = 0.004;

    public Cloth {
        LIMITS.require(width, depth);
        Objects.requireNonNull(surface);
    }

    @Override
    public double top() {
        return THICKNESS;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.rectangle(width, depth, THICKNESS));
    }
}
