package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * More forwards than to the sides, as a reflector or a recessed box does.
 *
 * @param power of the cosine that the intensity follows: 1 is diffuse
 */
public record Beam(
        @Within(min = 0.5, max = 400, unit = Unit.RATIO) double power) implements Spread {

    private static final Limits LIMITS = Limits.of(Beam.class);

    public Beam {
        LIMITS.require(power);
    }
}
