package zephyrdune.light.emitter;

import zephyrdune.units.measure.Stops;

/**
 * Brightest in the centre and dimmer outwards as a bell.
 *
 * @param side stops by which the middle of a side is dimmer than the centre
 */
public record Gaussian(double side) implements Evenness {

    private static final double LN_2 = Math.log(2);

    @Override
    public double at(double across, double up) {
        return side == 0 ? 1 : Stops.ratio(-side * (across * across + up * up));
    }

    @Override
    public boolean even() {
        return side == 0;
    }

    /** In closed form. */
    @Override
    public double mean(Outline outline, int power) {
        return side == 0 ? 1 : outline.meanOfBell(power * side * LN_2);
    }
}
