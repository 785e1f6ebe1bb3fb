package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Brightest in the middle, and dimmer outwards as a bell.
 *
 * @param side stops by which the middle of a side is dimmer than the centre
 */
public record HotSpot(
        @Within(min = 0, max = 6, unit = Unit.STOP) double side) implements Filling {

    private static final Limits LIMITS = Limits.of(HotSpot.class);

    public HotSpot {
        LIMITS.require(side);
    }
}
