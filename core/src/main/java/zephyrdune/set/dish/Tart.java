package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** An open tart: a fluted case with a filling just under its edge and fruit laid round on top. */
public record Tart(
        @Within(min = 0.05, max = 0.4, unit = Unit.METRE) double diameter,
        @Within(min = 0.01, max = 0.08, unit = Unit.METRE) double caseHeight,
        Surface crust,
        Surface filling,
        Surface fruit)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Tart.class);

    /** Level of the filling, as a share of the case's height. */
    public static final double FILLED = 0.86;

    public Tart {
        LIMITS.require(diameter, caseHeight);
        Objects.requireNonNull(crust);
        Objects.requireNonNull(filling);
        Objects.requireNonNull(fruit);
    }

    @Override
    public double top() {
        return FILLED * caseHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, caseHeight));
    }
}
