package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How far the key changes across the dish, whichever end is brighter. */
public record FallOffBand(
        @Within(min = 0, max = 10, unit = Unit.STOP) double from,
        @Within(min = 0, max = 10, unit = Unit.STOP) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(FallOffBand.class);

    public FallOffBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.FALL_OFF;
    }
}
