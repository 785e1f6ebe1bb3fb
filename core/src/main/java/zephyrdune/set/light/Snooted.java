package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A beam through a black tube: what passes in a direction is the overlap of its two ends.
 *
 * @param power of the cosine that the beam without the tube follows: 1 is diffuse
 * @param width of the tube's mouth
 * @param length of the tube
 * @param axialLoss on the axis; about a stop is usual (common practice, no published source)
 */
public record Snooted(
        @Within(min = 0.5, max = 400, unit = Unit.RATIO) double power,
        @Within(min = 0.01, max = 0.5, unit = Unit.METRE) double width,
        @Within(min = 0.02, max = 1, unit = Unit.METRE) double length,
        @Within(min = 0, max = 4, unit = Unit.STOP) double axialLoss)
        implements Spread {

    private static final Limits LIMITS = Limits.of(Snooted.class);

    public Snooted {
        LIMITS.require(power, width, length, axialLoss);
    }
}
