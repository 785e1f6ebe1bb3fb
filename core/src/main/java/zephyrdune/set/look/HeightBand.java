package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How high the light stands, seen from its aim point. */
public record HeightBand(
        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double from,

        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(HeightBand.class);

    public HeightBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.HEIGHT;
    }
}
