package zephyrdune.falloff;

import java.util.Locale;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.measure.Stops;
import zephyrdune.metering.HeroExposure;
import zephyrdune.table.Surface;
import zephyrdune.table.TableSet;

/**
 * How the backdrop comes out in the frame by the key alone: its reflectance, the light on it and the exposure of the
 * hero together, in stops from mid grey. A white wall becomes grey or black when it is far enough behind.
 *
 * @param stops from a surface of 18 % under a correct exposure
 */
public record BackdropTone(double stops) {

    /** Linear value of mid grey. */
    private static final double MID_GREY = 0.18;

    /** What such a tone is called; the limits between them are common practice, no published source. */
    public enum Name {
        BLACK(-4),
        DARK_GREY(-2),
        MID_GREY(0),
        LIGHT_GREY(1.25),
        WHITE(2.3);

        private final double stops;

        Name(double stops) {
            this.stops = stops;
        }

        /** As it is said: "dark grey". */
        public String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        /** Stops from mid grey that the name stands for. */
        public double stops() {
            return stops;
        }
    }

    /** Straight behind the hero at the height of its lit top. */
    public static BackdropTone of(TableSet set, KeyLight key, HeroExposure hero) {
        Surface surface = set.backdrop().surface();
        double light = FallOff.heroToBackdrop(set, key).stops();
        return new BackdropTone(
                Stops.between(surface.luminous(), MID_GREY) + light + Stops.between(hero.key(), hero.correct()));
    }

    /** The nearest name. */
    public Name name() {
        Name nearest = Name.BLACK;
        for (Name name : Name.values()) {
            if (Math.abs(stops - name.stops) < Math.abs(stops - nearest.stops)) {
                nearest = name;
            }
        }
        return nearest;
    }
}
