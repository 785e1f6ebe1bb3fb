package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** As the first, second, third dish, and so on. */
public record TurnAt(
        @Within(min = 1, max = Shoot.MOST_DISHES, unit = Unit.RATIO)
        double number) implements WantedTurn {

    private static final Limits LIMITS = Limits.of(TurnAt.class);

    public TurnAt {
        LIMITS.require(number);
    }
}
