package zephyrdune.devices;

import java.util.SplittableRandom;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.Light;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * How a kit and its places really are, against what their numbers say: what nobody on set knows.
 *
 * @param output of the source, stops more than stated
 * @param losses of what it is shaped by, in all, stops more than stated
 * @param dial stops that its control gives less than its mark
 * @param distance metres that the light stands farther away than somebody thinks
 * @param turn radians that it stands farther round
 * @param raise radians that it stands higher
 * @param room stops that the room is brighter than it was measured
 */
public record HiddenTruth(
        double output, double losses, double dial, double distance, double turn, double raise, double room) {

    /** As every number says. */
    public static final HiddenTruth NONE = new HiddenTruth(0, 0, 0, 0, 0, 0, 0);

    /** Standard deviations of where a light is put by hand: common practice, no published source. */
    private static final double PLACE = 0.01;

    private static final double ANGLE = Math.toRadians(1);

    /** Beyond so many standard deviations nobody would believe it. */
    private static final double MOST = 2.5;

    /** One of the kits that there may be: the same for the same seed and light. */
    public static HiddenTruth drawn(long seed, Light light) {
        // numbers that follow each other give kits that have nothing to do with each other
        SplittableRandom random = new SplittableRandom(seed);
        return new HiddenTruth(
                UsualSpread.SOURCE * draw(random),
                UsualSpread.of(light) * draw(random),
                UsualSpread.DIAL * draw(random),
                PLACE * draw(random),
                ANGLE * draw(random),
                ANGLE * draw(random),
                UsualSpread.ROOM * draw(random));
    }

    private static double draw(SplittableRandom random) {
        return Math.max(-MOST, Math.min(MOST, random.nextGaussian()));
    }

    /** Stops by which the lights give less than their numbers and the mark say. */
    double dimmer() {
        return losses + dial - output;
    }

    /** The set as it stands; where it cannot stand so, as it was meant to. */
    TableSet of(TableSet set) {
        Light light = set.light();
        double clock = (light.clock() + turn + 2 * Math.PI) % (2 * Math.PI);
        double height = Math.max(0, Math.min(Math.PI / 2, light.heightAngle() + raise));
        try {
            return set.withLight(
                            light.withClock(clock).withHeightAngle(height).withDistance(light.distance() + distance))
                    .withAmbient(set.ambient().withIlluminance(set.ambient().illuminance() * Stops.ratio(room)));
        } catch (Refused cannotStand) {
            return set;
        }
    }
}
