package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * By a meter or a frame.
 *
 * @param illuminance of a level surface at the hero
 * @param time of day
 */
public record MeasuredAt(
        @Within(min = 0.1, max = 100_000, unit = Unit.LUX) double illuminance,

        @Within(min = 0, max = Shoot.LATEST, unit = Unit.HOUR)
        double time)
        implements RoomMeasured {

    private static final Limits LIMITS = Limits.of(MeasuredAt.class);

    public MeasuredAt {
        LIMITS.require(illuminance, time);
    }
}
