package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Medium;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A straight tumbler with a drink and ice in it.
 *
 * @param fill level of the drink as a share of the height
 * @param ice share of the drink's height that is filled with ice
 */
public record DrinkGlass(
        @Within(min = 0.03, max = 0.15, unit = Unit.METRE) double diameter,
        @Within(min = 0.04, max = 0.3, unit = Unit.METRE) double glassHeight,
        Medium glass,
        @Within(min = 0.1, max = 0.95, unit = Unit.RATIO) double fill,
        Medium drink,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double ice)
        implements Dish {

    private static final Limits LIMITS = Limits.of(DrinkGlass.class);

    /** Across the foot, as a share of the diameter. */
    public static final double FOOT = 0.82;

    public DrinkGlass {
        LIMITS.require(diameter, glassHeight, fill, ice);
        Objects.requireNonNull(glass);
        Objects.requireNonNull(drink);
    }

    @Override
    public double top() {
        return glassHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(FOOT * diameter, 0), Rim.circle(diameter, glassHeight));
    }
}
