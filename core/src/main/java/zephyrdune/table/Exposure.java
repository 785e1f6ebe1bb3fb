package zephyrdune.table;

import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * How bright the frame is made and what the room adds.
 *
 * @param bias stops by which the hero's lit top is made brighter than a correct incident exposure would
 * @param ambientUnderKey stops by which the room's even light at the hero lies under the key
 */
public record Exposure(
        @Within(min = -6, max = 6, unit = Unit.STOP) double bias,
        @Within(min = -2, max = 12, unit = Unit.STOP) double ambientUnderKey) {

    private static final Limits LIMITS = Limits.of(Exposure.class);

    public Exposure {
        LIMITS.require(bias, ambientUnderKey);
    }
}
