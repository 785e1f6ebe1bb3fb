package zephyrdune.set.power;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A scale on which one more is a stop more, such as 1.0 to 10.0.
 *
 * @param top what the dial says at full power
 * @param range from full to the lowest mark
 */
public record StopScale(
        @Within(min = 0, max = 20, unit = Unit.RATIO) double top,
        @Within(min = 0, max = 12, unit = Unit.STOP) double range,
        DialStep step)
        implements PowerDial {

    private static final Limits LIMITS = Limits.of(StopScale.class);

    public StopScale {
        LIMITS.require(top, range);
        Objects.requireNonNull(step);
    }

    @Override
    public List<DialMark> marks() {
        return step.marks(range, this::mark);
    }

    @Override
    public DialMark mark(double stopsBelowFull) {
        int steps = step.nearest(stopsBelowFull, range);
        double below = (double) steps / step.perStop();
        return new DialMark(String.format(Locale.ROOT, "%.1f", top - below), below);
    }
}
