package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A round biscuit with a rounded edge. */
public record Biscuit(
        @Within(min = 0.02, max = 0.2, unit = Unit.METRE) double diameter,
        @Within(min = 0.003, max = 0.04, unit = Unit.METRE) double thickness,
        Surface surface)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Biscuit.class);

    /** The flat on top, as a share of the diameter. */
    public static final double FLAT = 0.92;

    public Biscuit {
        LIMITS.require(diameter, thickness);
        Objects.requireNonNull(surface);
    }

    @Override
    public double top() {
        return thickness;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, thickness / 2), Rim.circle(FLAT * diameter, thickness));
    }
}
