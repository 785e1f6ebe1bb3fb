package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A round, straight-sided or tapering body: a tart, a moulded custard, a tin, a jar. */
public record Drum(
        @Within(min = 0.01, max = 0.6, unit = Unit.METRE) double bottomDiameter,
        @Within(min = 0.01, max = 0.6, unit = Unit.METRE) double topDiameter,
        @Within(min = 0.005, max = 0.6, unit = Unit.METRE) double drumHeight,
        Surface side,
        Surface lid)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Drum.class);

    public Drum {
        LIMITS.require(bottomDiameter, topDiameter, drumHeight);
        Objects.requireNonNull(side);
        Objects.requireNonNull(lid);
    }

    @Override
    public double top() {
        return drumHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(bottomDiameter, 0), Rim.circle(topDiameter, drumHeight));
    }
}
