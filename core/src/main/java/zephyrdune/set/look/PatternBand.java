package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How far bright and dark of a thrown pattern lie apart; 0 is none. */
public record PatternBand(
        @Within(min = 0, max = 1, unit = Unit.RATIO) double from,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(PatternBand.class);

    public PatternBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.PATTERN;
    }
}
