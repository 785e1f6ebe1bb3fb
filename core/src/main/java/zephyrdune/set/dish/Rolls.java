package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Rolls on a board: one in the middle, and as many of six round it as have room.
 *
 * @param rollHeight over the board
 */
public record Rolls(
        @Within(min = 0.08, max = 0.6, unit = Unit.METRE) double width,
        @Within(min = 0.08, max = 0.6, unit = Unit.METRE) double depth,
        @Within(min = 0.005, max = 0.06, unit = Unit.METRE) double thickness,
        Surface board,
        @Within(min = 0.04, max = 0.15, unit = Unit.METRE) double rollDiameter,
        @Within(min = 0.02, max = 0.12, unit = Unit.METRE) double rollHeight,
        Surface crust)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Rolls.class);

    /** From one roll's middle to the next, in diameters. */
    public static final double APART = 1.04;

    /** Across the top of a roll where it throws its shadow, in its diameters. */
    private static final double CROWN = 0.5;

    public Rolls {
        LIMITS.require(width, depth, thickness, rollDiameter, rollHeight);
        Objects.requireNonNull(board);
        Objects.requireNonNull(crust);
    }

    @Override
    public double top() {
        return thickness + rollHeight;
    }

    /** Whether a roll so far from the middle, to the right and back, has room on the board. */
    public boolean holds(double x, double y) {
        return Math.abs(x) + rollDiameter / 2 <= width / 2 && Math.abs(y) + rollDiameter / 2 <= depth / 2;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.rectangle(width, depth, thickness), Rim.circle(CROWN * rollDiameter, top()));
    }
}
