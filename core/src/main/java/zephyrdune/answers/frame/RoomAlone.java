package zephyrdune.answers.frame;

import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.Burying;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.room.Ambient;
import zephyrdune.units.measure.Stops;

/**
 * What a frame without the lights says of the room.
 *
 * @param more stops by which the room is brighter than the set states
 * @param spread standard deviation of that
 * @param set with the room as bright as the frame shows
 * @param under a correct exposure, stops, that the room alone then lies
 * @param wanted stops under that are asked for; absent where the room is to be kept
 * @param dark settings that make the room count as gone; absent where it is gone, or is to be kept, or none do
 */
public record RoomAlone(
        double more, double spread, TableSet set, double under, OptionalDouble wanted, Optional<Exposure> dark) {

    /** No room is measured brighter, lux: the sun at noon. */
    private static final double BRIGHTEST = 100_000;

    /**
     * @param then the room as it was stated for the frame
     * @param now the set that the next frame will be of
     * @param more stops by which the room was brighter than stated then
     */
    static RoomAlone of(Ambient then, TableSet now, double more, double spread) {
        Ambient ambient = now.ambient();
        double lux = Math.min(BRIGHTEST, then.illuminance() * Stops.ratio(more));
        TableSet set = now.withAmbient(ambient.withIlluminance(lux));
        MeteredExposure metered = MeteredExposure.of(set, KeyLight.of(set));
        boolean bury = ambient.purpose() == Ambient.Purpose.BURY;
        return new RoomAlone(
                ambient.illuminance() > 0 ? Stops.between(lux, ambient.illuminance()) : more,
                spread,
                set,
                metered.ambientUnderCorrect(),
                bury ? OptionalDouble.of(ambient.buriedAt()) : OptionalDouble.empty(),
                bury ? Burying.of(set, metered).settings() : Optional.empty());
    }
}
