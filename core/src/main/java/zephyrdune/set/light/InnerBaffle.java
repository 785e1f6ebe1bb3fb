package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A second cloth across the inside of a softbox.
 *
 * @param loss of light in its cloth, by itself
 * @param place on the way from the source, 0, to the outer baffle, 1
 */
public record InnerBaffle(
        @Within(min = 0.1, max = 4, unit = Unit.STOP) double loss,
        @Within(min = 0.2, max = 0.85, unit = Unit.RATIO) double place)
        implements Inner {

    private static final Limits LIMITS = Limits.of(InnerBaffle.class);

    public InnerBaffle {
        LIMITS.require(loss, place);
    }
}
