package zephyrdune.shoot.daylight;

import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Ambient;
import zephyrdune.units.measure.Remembered;
import zephyrdune.units.measure.Stops;

/**
 * How much of the room's own light a set takes.
 *
 * @param reckoned what the set was made with, lux at the hero
 * @param least with which the picture is still that of the set, likewise
 * @param most likewise
 */
public record RoomNeed(double reckoned, double least, double most) {

    /** Where the room's light is kept, a difference of so many stops is seen beside the other frames (common practice, no published source). */
    private static final double KEPT_WITHIN = 0.5;

    private static final Remembered<TableSet, RoomNeed> KNOWN = new Remembered<>(256);

    public static RoomNeed of(TableSet set) {
        return KNOWN.get(set, () -> worked(set));
    }

    private static RoomNeed worked(TableSet set) {
        Ambient ambient = set.ambient();
        double now = ambient.now();
        if (now <= 0) {
            return new RoomNeed(0, 0, Double.POSITIVE_INFINITY);
        }
        if (ambient.purpose() == Ambient.Purpose.KEEP) {
            return new RoomNeed(now, now * Stops.ratio(-KEPT_WITHIN), now * Stops.ratio(KEPT_WITHIN));
        }
        double under = MeteredExposure.of(set, KeyLight.of(set)).ambientUnderCorrect();
        return new RoomNeed(now, 0, now * Math.max(1, Stops.ratio(under - ambient.buriedAt())));
    }

    /** By how many stops the room is brighter than what the set was made with, or, where it is to be gone, than what would still be. */
    public double off(double lux) {
        return kept() ? Stops.between(lux, reckoned) : beyond(lux);
    }

    /** By how many stops the room is darker or brighter than the set can take. */
    public double beyond(double lux) {
        return lux > most ? Stops.between(lux, most) : lux < least ? Stops.between(least, lux) : 0;
    }

    /** Whether the room's light is wanted in the picture. */
    public boolean kept() {
        return least > 0;
    }
}
