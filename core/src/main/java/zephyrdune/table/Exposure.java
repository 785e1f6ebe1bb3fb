package zephyrdune.table;

import zephyrdune.exposure.CorrectExposure;
import zephyrdune.exposure.MarkedScale;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Stops;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * The camera's settings. Values that cameras mark are taken for what the marks stand for: f/5.6 for 2^(5/2).
 *
 * @param aperture f-number
 * @param shutter time the shutter is open
 * @param speed ISO speed
 * @param syncLimit shortest shutter time at which a flash lights the whole frame
 * @param bias stops by which the hero's lit top is made brighter than a correct incident exposure would
 * @param whiteBalance colour temperature that comes out white
 */
public record Exposure(
        @Within(min = 0.7, max = 64, unit = Unit.F_NUMBER) double aperture,

        @Within(min = 1.0 / 8000, max = 30, unit = Unit.SECOND)
        double shutter,

        @Within(min = 25, max = 102400, unit = Unit.ISO_SPEED)
        double speed,

        @Within(min = 1.0 / 8000, max = 1, unit = Unit.SECOND)
        double syncLimit,

        @Within(min = -6, max = 6, unit = Unit.STOP) double bias,
        @Within(min = 2000, max = 12000, unit = Unit.KELVIN) double whiteBalance) {

    private static final Limits LIMITS = Limits.of(Exposure.class);

    public Exposure {
        LIMITS.require(aperture, shutter, speed, syncLimit, bias, whiteBalance);
    }

    public Exposure withAperture(double newAperture) {
        return new Exposure(newAperture, shutter, speed, syncLimit, bias, whiteBalance);
    }

    public Exposure withShutter(double newShutter) {
        return new Exposure(aperture, newShutter, speed, syncLimit, bias, whiteBalance);
    }

    public Exposure withSpeed(double newSpeed) {
        return new Exposure(aperture, shutter, newSpeed, syncLimit, bias, whiteBalance);
    }

    /** The f-number itself, not its rounded mark. */
    public double exactAperture() {
        return MarkedScale.APERTURE.exact(aperture);
    }

    /** The time itself, not its rounded mark, seconds. */
    public double exactShutter() {
        return MarkedScale.SHUTTER.exact(shutter);
    }

    /** The speed itself, not its rounded mark. */
    public double exactSpeed() {
        return MarkedScale.SPEED.exact(speed);
    }

    /** Incident exposure on a plane that these settings render by its reflectance, lx s. */
    public double correct() {
        return CorrectExposure.at(exactAperture(), exactSpeed());
    }

    /** Incident exposure wanted on the hero's lit top: {@link #correct()} and the bias, lx s. */
    public double wanted() {
        return correct() * Stops.ratio(bias);
    }
}
