package zephyrdune.set.dish;

import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Another dish or product on the table beside the hero.
 *
 * @param x of its axis, to the right of the hero point
 * @param y of its axis, away from the camera
 * @param lift of its foot above the table, when it lies on something
 * @param turn of its own x axis, counter-clockwise seen from above
 */
public record Prop(
        Dish body,
        @Within(min = -3, max = 3, unit = Unit.METRE) double x,
        @Within(min = -3, max = 3, unit = Unit.METRE) double y,
        @Within(min = 0, max = 0.5, unit = Unit.METRE) double lift,

        @Within(min = -Math.PI, max = Math.PI, unit = Unit.RADIAN)
        double turn) {

    private static final Limits LIMITS = Limits.of(Prop.class);

    public Prop {
        Objects.requireNonNull(body);
        LIMITS.require(x, y, lift, turn);
    }
}
