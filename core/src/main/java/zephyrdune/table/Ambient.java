package zephyrdune.table;

import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * The light that is in the room anyway, taken as even from all sides.
 *
 * @param illuminance of an open level surface at the hero, with the key off
 * @param buriedAt stops under a correct exposure from which on it counts as gone; 5 is usual (common practice, no
 *     published source)
 */
public record Ambient(
        @Within(min = 0, max = 100_000, unit = Unit.LUX) double illuminance,
        @Within(min = 1500, max = 20000, unit = Unit.KELVIN) double colourTemperature,
        @Within(min = 1, max = 10, unit = Unit.STOP) double buriedAt) {

    private static final Limits LIMITS = Limits.of(Ambient.class);

    public Ambient {
        LIMITS.require(illuminance, colourTemperature, buriedAt);
    }
}
