package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** Where on the dish its highlight sits: how far round from 12 o'clock, to either side. */
public record HighlightBand(
        @Within(min = 0, max = Math.PI, unit = Unit.CLOCK_RADIAN)
        double from,

        @Within(min = 0, max = Math.PI, unit = Unit.CLOCK_RADIAN)
        double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(HighlightBand.class);

    public HighlightBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.HIGHLIGHT;
    }
}
