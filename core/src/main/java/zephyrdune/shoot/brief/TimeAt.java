package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** Not before a time of day, and no later either. */
public record TimeAt(
        @Within(min = 0, max = Shoot.LATEST, unit = Unit.HOUR)
        double time) implements WantedTurn {

    private static final Limits LIMITS = Limits.of(TimeAt.class);

    public TimeAt {
        LIMITS.require(time);
    }
}
