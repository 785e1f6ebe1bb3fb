package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A small dome or cap over the bare source: some of its light goes straight through, the rest all round to the front. It spreads
 * the light and makes the source no larger.
 *
 * @param straight share of the light that keeps the source's own beam
 */
public record Capped(
        @Within(min = 0, max = 1, unit = Unit.RATIO) double straight) implements Spread {

    private static final Limits LIMITS = Limits.of(Capped.class);

    public Capped {
        LIMITS.require(straight);
    }
}
