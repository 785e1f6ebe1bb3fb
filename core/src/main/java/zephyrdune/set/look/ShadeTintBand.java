package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** Colour of the shade against the light; above nothing it is warmer. */
public record ShadeTintBand(
        @Within(min = -500, max = 500, unit = Unit.MIRED) double from,
        @Within(min = -500, max = 500, unit = Unit.MIRED) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(ShadeTintBand.class);

    public ShadeTintBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.SHADE_TINT;
    }
}
