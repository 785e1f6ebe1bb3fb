package zephyrdune.set.camera;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Rounding;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The camera's settings. Values that cameras mark are taken for what the marks stand for: f/5.6 for 2^(5/2).
 *
 * @param aperture f-number
 * @param shutter time the shutter is open
 * @param speed ISO speed
 * @param syncLimit shortest shutter time at which a flash lights the whole frame
 * @param bias stops by which what is metered is made brighter than the meter would have it
 * @param whiteBalance colour temperature that comes out white
 * @param metering what the exposure is found by
 */
@RecordBuilder
public record Exposure(
        @Within(min = 0.7, max = 64, unit = Unit.F_NUMBER) double aperture,

        @Within(min = 1.0 / 8000, max = 30, unit = Unit.SECOND)
        double shutter,

        @Within(min = 25, max = 102400, unit = Unit.ISO_SPEED)
        double speed,

        @Within(min = 1.0 / 8000, max = 1, unit = Unit.SECOND)
        double syncLimit,

        @Within(min = -6, max = 6, unit = Unit.STOP) double bias,
        @Within(min = 2000, max = 12000, unit = Unit.KELVIN) double whiteBalance,
        Metering metering)
        implements ExposureBuilder.With {

    private static final Limits LIMITS = Limits.of(Exposure.class);

    public Exposure {
        LIMITS.require(aperture, shutter, speed, syncLimit, bias, whiteBalance);
        Objects.requireNonNull(metering);
    }

    /** As an incident meter on the hero's lit top has it. */
    public Exposure(double aperture, double shutter, double speed, double syncLimit, double bias, double whiteBalance) {
        this(aperture, shutter, speed, syncLimit, bias, whiteBalance, Metering.USUAL);
    }

    /** Whether the shutter is faster than a flash can be kept up with. */
    public boolean beyondSync() {
        return Rounding.less(shutter / syncLimit, 1);
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

    /** Incident exposure wanted where the meter is: {@link #correct()} and the bias, lx s. */
    public double wanted() {
        return correct() * Stops.ratio(bias);
    }
}
