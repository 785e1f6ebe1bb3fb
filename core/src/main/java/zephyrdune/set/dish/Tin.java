package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A shallow oval tin, closed, or open with rows of fish in it. */
public record Tin(
        @Within(min = 0.04, max = 0.3, unit = Unit.METRE) double length,
        @Within(min = 0.03, max = 0.3, unit = Unit.METRE) double breadth,
        @Within(min = 0.01, max = 0.15, unit = Unit.METRE) double tinHeight,
        Surface metal,
        Surface contents,
        TinLid lid)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Tin.class);

    public Tin {
        LIMITS.require(length, breadth, tinHeight);
        Objects.requireNonNull(metal);
        Objects.requireNonNull(contents);
        Objects.requireNonNull(lid);
    }

    @Override
    public double top() {
        return tinHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.oval(length, breadth, tinHeight));
    }
}
