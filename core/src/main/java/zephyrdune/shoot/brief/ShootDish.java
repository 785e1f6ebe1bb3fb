package zephyrdune.shoot.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A dish or product of a shoot.
 *
 * @param key by which it is spoken of, whatever it is called; two dishes never have the same
 * @param holds how long it looks good once it is ready
 * @param prepares how long the kitchen works on a plate of it
 * @param from when the kitchen can have it ready at the earliest, a time of day
 * @param by when its last frame has to be taken, a time of day
 */
@RecordBuilder
public record ShootDish(
        @Line(max = 40) String key,
        @Line(max = 80) String name,
        Spoiling spoils,
        @Within(min = 1, max = 1440, unit = Unit.MINUTE) double holds,
        @Within(min = 0, max = 720, unit = Unit.MINUTE) double prepares,
        Plates plates,
        Afterwards afterwards,

        @Within(min = 0, max = Shoot.LATEST, unit = Unit.HOUR)
        double from,

        @Within(min = 0, max = Shoot.LATEST, unit = Unit.HOUR)
        double by,

        WantedTurn turn,
        @Count(min = 1, max = 8) List<Shot> shots)
        implements ShootDishBuilder.With {

    private static final LineLimit KEY = Limits.line(ShootDish.class, "key");
    private static final LineLimit NAME = Limits.line(ShootDish.class, "name");
    private static final Limits LIMITS = Limits.of(ShootDish.class);
    private static final CountLimit SHOTS = Limits.count(ShootDish.class, "shots");

    public ShootDish {
        KEY.require(key);
        NAME.require(name);
        LIMITS.require(holds, prepares, from, by);
        shots = SHOTS.copy(shots, "title", Shot::title);
        Objects.requireNonNull(spoils);
        Objects.requireNonNull(plates);
        Objects.requireNonNull(afterwards);
        Objects.requireNonNull(turn);
        if (by <= from) {
            throw new Refused("by", "“%s” is to be done before it can be ready; make “Done by” later".formatted(name));
        }
    }

    /** By when a plate of it has to be eaten that was ready at a time, minutes of the day; any time where nobody eats it. */
    public OptionalDouble eatenBy(double ready) {
        return afterwards == Afterwards.EATEN ? OptionalDouble.of(ready + TwoHourRule.MINUTES) : OptionalDouble.empty();
    }
}
