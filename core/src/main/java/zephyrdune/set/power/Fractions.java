package zephyrdune.set.power;

import java.util.List;
import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Fractions of full power by halves, 1/1, 1/2, 1/4 and so on, with steps between them: "1/8 + 1/3" is a third of a stop
 * more than an eighth.
 *
 * @param range from full to the lowest mark: 7 stops for 1/128
 */
public record Fractions(
        @Within(min = 0, max = 12, unit = Unit.STOP) double range, DialStep step) implements PowerDial {

    private static final Limits LIMITS = Limits.of(Fractions.class);

    public Fractions {
        LIMITS.require(range);
        Objects.requireNonNull(step);
    }

    @Override
    public List<DialMark> marks() {
        return step.marks(range, this::mark);
    }

    @Override
    public DialMark mark(double stopsBelowFull) {
        int steps = step.nearest(stopsBelowFull, range);
        int whole = -Math.floorDiv(-steps, step.perStop());
        int more = whole * step.perStop() - steps;
        String fraction = "1/" + (1 << whole);
        return new DialMark(
                more == 0 ? fraction : fraction + " + " + step.words(more), (double) steps / step.perStop());
    }
}
