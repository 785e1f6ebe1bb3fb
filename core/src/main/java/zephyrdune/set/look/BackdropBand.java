package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How bright the background comes out, from mid grey. */
public record BackdropBand(
        @Within(min = -10, max = 8, unit = Unit.STOP) double from,
        @Within(min = -10, max = 8, unit = Unit.STOP) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(BackdropBand.class);

    public BackdropBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.BACKDROP;
    }
}
