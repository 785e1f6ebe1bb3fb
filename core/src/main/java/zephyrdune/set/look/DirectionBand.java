package zephyrdune.set.look;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How far round from 12 o'clock the light stands, to either side: 0 is behind the dish, 6 hours at the camera. */
public record DirectionBand(
        @Within(min = 0, max = Math.PI, unit = Unit.CLOCK_RADIAN)
        double from,

        @Within(min = 0, max = Math.PI, unit = Unit.CLOCK_RADIAN)
        double to)
        implements Band {

    private static final Limits LIMITS = Limits.of(DirectionBand.class);

    public DirectionBand {
        LIMITS.require(from, to);
        Band.requireUpright(from, to);
    }

    @Override
    public Aspect aspect() {
        return Aspect.DIRECTION;
    }
}
