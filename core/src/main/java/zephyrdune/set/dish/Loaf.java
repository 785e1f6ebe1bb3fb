package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A round-topped loaf along x, cut at the right end so that the crumb shows. */
public record Loaf(
        @Within(min = 0.05, max = 0.5, unit = Unit.METRE) double length,
        @Within(min = 0.04, max = 0.3, unit = Unit.METRE) double width,
        @Within(min = 0.03, max = 0.25, unit = Unit.METRE) double loafHeight,
        Surface crust,
        Surface crumb)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Loaf.class);

    /** Height at which it is widest, as a share. */
    public static final double FULLEST = 0.35;

    /** Of the top that counts as its outline, as a share of length and width. */
    public static final double RIDGE = 0.4;

    public Loaf {
        LIMITS.require(length, width, loafHeight);
        Objects.requireNonNull(crust);
        Objects.requireNonNull(crumb);
    }

    @Override
    public double top() {
        return loafHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(
                Rim.rectangle(length, width, FULLEST * loafHeight),
                Rim.rectangle(RIDGE * length, RIDGE * width, loafHeight));
    }
}
