package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A round face: a dish, a round box, a reflector's mouth. */
public record Disc(
        @Within(min = 0.005, max = 3, unit = Unit.METRE) double diameter) implements Face {

    private static final Limits LIMITS = Limits.of(Disc.class);

    public Disc {
        LIMITS.require(diameter);
    }

    @Override
    public double across() {
        return diameter;
    }

    @Override
    public double along() {
        return diameter;
    }
}
