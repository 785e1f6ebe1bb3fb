package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How soft the shadow is: its whole edge over the height that throws it. */
public record EdgeBand(
        @Within(min = 0, max = 20, unit = Unit.RATIO) double from,
        @Within(min = 0, max = 20, unit = Unit.RATIO) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(EdgeBand.class);

    public EdgeBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.EDGE;
    }
}
