package zephyrdune.metering;

import zephyrdune.illuminance.KeyLight;
import zephyrdune.measure.Stops;
import zephyrdune.power.DialMark;
import zephyrdune.table.Light;
import zephyrdune.table.PowerChoice;
import zephyrdune.table.TableSet;

/**
 * The exposure of the hero's lit top: what the key gives at its power, and the room.
 *
 * <p>A flash gives all its light while the shutter is open, whatever its time; an LED and the room give what they give for
 * as long as it is open. So the shutter parts a flash from the room, and nothing on the camera parts an LED from it.
 *
 * @param full the key's exposure at full power, lx s
 * @param wanted the exposure asked for: correct by aperture and speed, and the bias, lx s
 * @param correct the exposure that renders a surface by its reflectance, lx s
 * @param wantedBelow full power, stops, that gives exactly what is wanted; negative when full power is not enough
 * @param below full power, stops, that the light is at
 * @param ambient the room's exposure, lx s
 */
public record HeroExposure(
        double full, double wanted, double correct, double wantedBelow, double below, double ambient) {

    /** A set with its power where it stands now: what is taken away afterwards changes the picture, not the power. */
    public static TableSet fixed(TableSet set) {
        double below = of(set, KeyLight.of(set)).below();
        return set.withLight(set.light().withPower(PowerChoice.FIXED, below));
    }

    public static HeroExposure of(TableSet set, KeyLight key) {
        Light light = set.light();
        double shutter = set.exposure().exactShutter();
        double full = key.heroIlluminance() * (light.source().flash() ? 1 : shutter);
        double wanted = set.exposure().wanted();
        double wantedBelow = Stops.between(full, wanted);
        double chosen = light.powerChoice() == PowerChoice.FIXED ? light.power() : wantedBelow;
        double below = Math.max(0, Math.min(light.source().dial().range(), chosen));
        return new HeroExposure(
                full,
                wanted,
                set.exposure().correct(),
                wantedBelow,
                below,
                set.ambient().now() * shutter);
    }

    /** The mark to set: nearest to what is wanted, or where a fixed control stands. */
    public DialMark mark(Light light) {
        return light.source().dial().nearest(light.powerChoice() == PowerChoice.FIXED ? below : wantedBelow);
    }

    /** The key's exposure at its power, lx s. */
    public double key() {
        return full * Stops.ratio(-below);
    }

    /** How far the key's exposure is from what is wanted, stops; positive when too bright. */
    public double off() {
        return wantedBelow - below;
    }

    /** Stops by which the room lies under the key, in the frame. */
    public double ambientUnderKey() {
        return Stops.between(key(), ambient);
    }

    /** Stops by which a frame with the key off lies under a correct exposure. */
    public double ambientUnderCorrect() {
        return Stops.between(correct, ambient);
    }
}
