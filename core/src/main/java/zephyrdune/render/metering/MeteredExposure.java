package zephyrdune.render.metering;

import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.power.DialMark;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.sampling.Sureness;

/**
 * The exposure where the meter reads: all light that counts there, the light's at its power and the room's.
 *
 * <p>A flash gives all its light while the shutter is open, whatever its time; an LED and the room give what they give for
 * as long as it is open. So the shutter parts a flash from the room, and nothing on the camera parts an LED from it.
 *
 * @param light what comes there at full power, way by way
 * @param wanted the exposure asked for: correct by aperture and speed, and the bias, lx s
 * @param correct the exposure that renders a surface by its reflectance, lx s
 * @param wantedBelow full power, stops, that together with the room gives exactly what is wanted; negative when full power is not enough
 * @param below full power, stops, that the light is at: a mark of its dial, or where a fixed control stands
 * @param measured the room's exposure as its own meter reading has it, lx s
 */
public record MeteredExposure(
        MeteredLight light, double wanted, double correct, double wantedBelow, double below, double measured) {

    /** Where the room alone gives what is wanted, the light is turned down until it adds less than this share. */
    private static final double HARDLY = 1.0 / 1024;

    /** A set with its power where it stands now: what is taken away afterwards changes the picture, not the power. */
    public static TableSet fixed(TableSet set) {
        double below = below(set, KeyLight.of(set));
        return set.withLight(set.light().withPower(PowerChoice.FIXED, below));
    }

    /** What brings the metered exposure back after a move: the stops of power that the set after it needs more. */
    public static double toMakeUp(TableSet before, TableSet after) {
        return of(before, KeyLight.of(before)).wantedBelow - of(after, KeyLight.of(after)).wantedBelow;
    }

    /** Full power, stops, that a set's light is at. */
    public static double below(TableSet set, KeyLight key) {
        return set.light().powerChoice() == PowerChoice.FIXED
                ? fixedBelow(set.light())
                : of(set, key).below();
    }

    private static double fixedBelow(Light light) {
        return Math.min(light.source().dial().range(), light.power());
    }

    public static MeteredExposure of(TableSet set, KeyLight key) {
        return of(set, MeteredLight.of(set, key));
    }

    /** The same, no surer than asked for. */
    public static MeteredExposure of(TableSet set, KeyLight key, Sureness sureness) {
        return of(set, MeteredLight.of(set, key, sureness));
    }

    /** The same by light that is known: aperture and speed change nothing of it. */
    public static MeteredExposure of(TableSet set, MeteredLight metered) {
        Light light = set.light();
        double wanted = set.exposure().wanted();
        double left = Math.max(wanted - metered.ambient(), HARDLY * wanted);
        double wantedBelow = Stops.between(metered.dimmed(), left);
        double below = light.powerChoice() == PowerChoice.FIXED
                ? fixedBelow(light)
                : light.source().dial().nearest(wantedBelow).below();
        return new MeteredExposure(
                metered,
                wanted,
                set.exposure().correct(),
                wantedBelow,
                below,
                set.ambient().now() * set.exposure().exactShutter());
    }

    /** The mark to set: nearest to what is wanted, or where a fixed control stands. */
    public DialMark mark(Light light) {
        return light.source().dial().nearest(light.powerChoice() == PowerChoice.FIXED ? below : wantedBelow);
    }

    /** Whether none of the light reaches the meter, by whatever way. */
    public boolean dark() {
        return light.dimmed() == 0;
    }

    /** The exposure by the light at its power, by whatever way, lx s. */
    public double key() {
        return light.dimmed() * Stops.ratio(-below);
    }

    /** All of it, lx s. */
    public double all() {
        return key() + light.ambient();
    }

    /** Share of all that comes one way, 0 to 1. */
    public double share(double way) {
        return way * Stops.ratio(-below) / all();
    }

    /** How far the exposure is from what is wanted, stops; positive when too bright. */
    public double off() {
        return Stops.between(all(), wanted);
    }

    /** Stops by which the room lies under the key, in the frame. */
    public double ambientUnderKey() {
        return Stops.between(key(), light.ambient());
    }

    /** Stops by which a frame with the key off lies under a correct exposure, as the room was measured. */
    public double ambientUnderCorrect() {
        return Stops.between(correct, measured);
    }
}
