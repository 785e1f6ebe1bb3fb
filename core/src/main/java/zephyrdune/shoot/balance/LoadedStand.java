package zephyrdune.shoot.balance;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A stand on three legs with something on a boom, by the law of the lever. It tips over the line between two feet, which lies half as far from its
 * middle as the feet do. An estimate of what stands still on level ground: wind, a pull at a cable and somebody's elbow are not in it.
 *
 * @param load what hangs on the boom, and half of the boom, kilograms
 * @param reach level from the stand's middle to it
 * @param stand the stand's own mass, kilograms
 * @param feet level from the stand's middle to a foot
 */
public record LoadedStand(
        @Within(min = 0, max = 100, unit = Unit.KILOGRAM) double load,
        @Within(min = 0, max = 5, unit = Unit.METRE) double reach,
        @Within(min = 0.1, max = 100, unit = Unit.KILOGRAM) double stand,
        @Within(min = 0.05, max = 2, unit = Unit.METRE) double feet) {

    private static final Limits LIMITS = Limits.of(LoadedStand.class);

    /** Standard gravity, m/s² (3rd General Conference on Weights and Measures, 1901). */
    private static final double GRAVITY = 9.80665;

    public LoadedStand {
        LIMITS.require(load, reach, stand, feet);
    }

    /** From the middle to the line between two feet, metres. */
    private double edge() {
        return feet / 2;
    }

    /** What turns it over, newton metres; below zero while it stands by its own mass. */
    public double tippingMoment() {
        return GRAVITY * (load * (reach - edge()) - stand * edge());
    }

    /** What has to hang at its middle for it to be just in balance, kilograms; nothing where it stands by itself. */
    public double sandbag() {
        return Math.max(0, tippingMoment() / GRAVITY / edge());
    }
}
