package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A regular eight-sided face with one side level at the bottom.
 *
 * @param acrossFlats from one side to the opposite one
 */
public record Octagon(
        @Within(min = 0.05, max = 3, unit = Unit.METRE) double acrossFlats) implements Face {

    private static final Limits LIMITS = Limits.of(Octagon.class);

    public Octagon {
        LIMITS.require(acrossFlats);
    }

    @Override
    public double across() {
        return acrossFlats;
    }

    @Override
    public double along() {
        return acrossFlats;
    }
}
