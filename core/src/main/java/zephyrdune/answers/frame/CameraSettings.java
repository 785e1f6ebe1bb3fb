package zephyrdune.answers.frame;

import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import zephyrdune.set.camera.Exposure;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * What a frame was taken with, as far as its file tells.
 *
 * @param aperture f-number
 * @param shutter seconds
 * @param speed ISO
 */
public record CameraSettings(OptionalDouble aperture, OptionalDouble shutter, OptionalDouble speed) {

    public static final CameraSettings UNTOLD =
            new CameraSettings(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    /** A set's exposure with what is told in place of its own; what no camera has is not believed. */
    public Exposure in(Exposure exposure) {
        Exposure open = told(aperture, exposure, exposure::withAperture);
        Exposure timed = told(shutter, open, open::withShutter);
        return told(speed, timed, timed::withSpeed);
    }

    private static Exposure told(OptionalDouble value, Exposure exposure, DoubleFunction<Exposure> with) {
        try {
            return value.isPresent() ? with.apply(value.getAsDouble()) : exposure;
        } catch (Refused untrue) {
            return exposure;
        }
    }

    /** Stops by which a frame taken so comes out brighter than by a set's settings, of light that is there all the time. */
    public double brighter(Exposure exposure) {
        Exposure taken = in(exposure);
        return Stops.between(taken.exactShutter() / taken.correct(), exposure.exactShutter() / exposure.correct());
    }
}
