package zephyrdune.answers.ambient;

import zephyrdune.set.camera.Exposure;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** How bright a room is, stated in one of the ways people find it out. */
public final class AmbientLevel {

    private AmbientLevel() {}

    /** Kinds of rooms and about how bright they are on the table; common practice, from memory, no published source. */
    public enum Place {
        CANDLE_LIGHT(10, 1900),
        DIM_RESTAURANT(50, 2700),
        LIT_DINING_ROOM(150, 3000),
        OFFICE_OR_SHOP(400, 4000),
        BRIGHT_KITCHEN(600, 4000),
        BESIDE_A_WINDOW(1500, 5500),
        OPEN_SHADE(10_000, 7000);

        private final double lux;
        private final double kelvin;

        Place(double lux, double kelvin) {
            this.lux = lux;
            this.kelvin = kelvin;
        }

        public double lux() {
            return lux;
        }

        public double kelvin() {
            return kelvin;
        }
    }

    /**
     * A meter's or a frame's answer, within what can be.
     *
     * @param value exposure value at ISO 100, or stops of the frame from a correct exposure
     */
    public record Stated(
            @Within(min = -10, max = 20, unit = Unit.STOP) double value) {

        private static final Limits LIMITS = Limits.of(Stated.class);

        public Stated {
            LIMITS.require(value);
        }
    }

    /** By an incident meter's exposure value at ISO 100: N² / t = E S / C (ISO 2720, C = 250), so 2.5 lx at EV 0. */
    public static double ofMeter(Stated ev) {
        return CorrectExposure.at(1, 100) * Stops.ratio(ev.value());
    }

    /** By a frame without the key, so many stops brighter (darker where negative) than a correct one. */
    public static double ofFrame(Exposure exposure, Stated off) {
        return exposure.correct() * Stops.ratio(off.value()) / exposure.exactShutter();
    }
}
