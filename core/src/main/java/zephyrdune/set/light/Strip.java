package zephyrdune.set.light;

import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A long narrow face, hard along and soft across. */
public record Strip(
        @Within(min = 0.05, max = 3, unit = Unit.METRE) double length,
        @Within(min = 0.005, max = 1, unit = Unit.METRE) double breadth,
        Stance stance)
        implements Face {

    /** How a strip is turned. */
    public enum Stance {
        UPRIGHT,
        LEVEL
    }

    private static final Limits LIMITS = Limits.of(Strip.class);

    public Strip {
        LIMITS.require(length, breadth);
        Objects.requireNonNull(stance);
        if (breadth > length) {
            throw new Refused("breadth", "A strip is longer than it is broad; turn it with its stance");
        }
    }

    @Override
    public double across() {
        return stance == Stance.LEVEL ? length : breadth;
    }

    @Override
    public double along() {
        return stance == Stance.LEVEL ? breadth : length;
    }
}
