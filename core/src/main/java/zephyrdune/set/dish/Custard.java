package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A moulded cream, turned out: rounded at the top, with flutes if the mould had them.
 *
 * @param flutes how deep they are, 0 for a smooth mould to 1
 */
public record Custard(
        @Within(min = 0.02, max = 0.3, unit = Unit.METRE) double bottomDiameter,
        @Within(min = 0.02, max = 0.3, unit = Unit.METRE) double topDiameter,
        @Within(min = 0.01, max = 0.3, unit = Unit.METRE) double custardHeight,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double flutes,
        Surface surface)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Custard.class);

    /** The flat on top, as a share of the upper diameter; the rest is rounded. */
    public static final double TOP = 0.8;

    public Custard {
        LIMITS.require(bottomDiameter, topDiameter, custardHeight, flutes);
        Objects.requireNonNull(surface);
    }

    @Override
    public double top() {
        return custardHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(bottomDiameter, 0), Rim.circle(TOP * topDiameter, custardHeight));
    }
}
