package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A roll cut level, with leaves and a filling between its halves.
 *
 * @param crust of the roll
 * @param crumb of the two cuts
 */
public record FilledRoll(
        @Within(min = 0.05, max = 0.2, unit = Unit.METRE) double diameter,
        @Within(min = 0.03, max = 0.16, unit = Unit.METRE) double rollHeight,
        Surface crust,
        Surface crumb,
        Surface leaf,
        Surface filling)
        implements Dish {

    private static final Limits LIMITS = Limits.of(FilledRoll.class);

    /** Height of the lower half, of the leaves' top and of the filling's, as shares of all. */
    public static final double LOWER = 0.24;

    public static final double LEAVES = 0.34;
    public static final double FILLING = 0.52;

    /** Across the bread, in diameters of the leaves. */
    public static final double BREAD = 0.92;

    /** Across the top where it throws its shadow, in diameters. */
    private static final double CROWN = 0.4;

    public FilledRoll {
        LIMITS.require(diameter, rollHeight);
        Objects.requireNonNull(crust);
        Objects.requireNonNull(crumb);
        Objects.requireNonNull(leaf);
        Objects.requireNonNull(filling);
    }

    @Override
    public double top() {
        return rollHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, LEAVES * rollHeight), Rim.circle(CROWN * diameter, rollHeight));
    }
}
