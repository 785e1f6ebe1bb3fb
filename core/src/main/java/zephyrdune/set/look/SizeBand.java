package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How large the light is over how far it is, both ways averaged. */
public record SizeBand(
        @Within(min = 0, max = 10, unit = Unit.RATIO) double from,
        @Within(min = 0, max = 10, unit = Unit.RATIO) double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(SizeBand.class);

    public SizeBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.SIZE;
    }
}
