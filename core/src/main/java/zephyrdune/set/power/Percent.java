package zephyrdune.set.power;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Rounding;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A dimmer in percent of full.
 *
 * @param lowest setting, as a share of the full number
 * @param step between settings, as a share of the full number
 */
public record Percent(
        @Within(min = 0.001, max = 1, unit = Unit.RATIO) double lowest,
        @Within(min = 0.001, max = 0.25, unit = Unit.RATIO) double step,
        Dimming dimming)
        implements PowerDial {

    private static final Limits LIMITS = Limits.of(Percent.class);

    public Percent {
        LIMITS.require(lowest, step);
        Objects.requireNonNull(dimming);
    }

    @Override
    public double range() {
        return dimming.below(lowest);
    }

    @Override
    public List<DialMark> marks() {
        Set<DialMark> marks = new LinkedHashSet<>();
        int steps = Rounding.up(1 / step);
        for (int i = steps; i >= 0; i--) {
            marks.add(mark(dimming.below(Math.max(lowest, Math.min(1, i * step)))));
        }
        return List.copyOf(marks);
    }

    @Override
    public DialMark mark(double stopsBelowFull) {
        double share = dimming.share(stopsBelowFull);
        double under = Math.max(lowest, Rounding.down(share / step) * step);
        double over = Math.min(1, Math.max(lowest, Rounding.up(share / step) * step));
        double nearest = dimming.below(under) - stopsBelowFull <= stopsBelowFull - dimming.below(over) ? under : over;
        String digits = step * 100 == Math.rint(step * 100) ? "%.0f %%" : "%.1f %%";
        return new DialMark(String.format(Locale.ROOT, digits, nearest * 100), dimming.below(nearest));
    }
}
