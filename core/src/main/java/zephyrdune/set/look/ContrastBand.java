package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How much darker the dish is away from the light than towards it. */
public record ContrastBand(
        @Within(min = 0, max = 15, unit = Unit.STOP) double from,
        @Within(min = 0, max = 15, unit = Unit.STOP) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(ContrastBand.class);

    public ContrastBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.CONTRAST;
    }
}
