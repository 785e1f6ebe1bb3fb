package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How much darker the shadow is than the table beside it. */
public record ShadowDepthBand(
        @Within(min = 0, max = 15, unit = Unit.STOP) double from,
        @Within(min = 0, max = 15, unit = Unit.STOP) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(ShadowDepthBand.class);

    public ShadowDepthBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.SHADOW_DEPTH;
    }
}
