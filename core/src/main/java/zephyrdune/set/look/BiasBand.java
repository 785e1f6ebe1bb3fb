package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How much brighter than metered the picture is meant. */
public record BiasBand(
        @Within(min = -6, max = 6, unit = Unit.STOP) double from,
        @Within(min = -6, max = 6, unit = Unit.STOP) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(BiasBand.class);

    public BiasBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.BIAS;
    }
}
