package zephyrdune.answers.frame;

import java.util.Objects;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.units.exposure.ExposureValue;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * What somebody reads off a hand meter that is held level on the hero's lit top, its dome or disc towards the light.
 *
 * @param value as it is read off
 */
public record HandMeter(Kind kind, double value) {

    /** Where it is held; no frame has it. */
    static final FramePatch PATCH = new FramePatch(FramePatch.Part.METER, 0.5, 0.5);

    /** By a tenth of a stop, as meters show them: half of it either way. */
    static final double READ_OFF = 0.05;

    /** What it shows. */
    public enum Kind {
        /** The f-number for the set's ISO and shutter time, its light fired. */
        F_NUMBER("f-number", 0.7, 128),
        /** The exposure value at ISO 100 of light that shines all the time. */
        EXPOSURE_VALUE("exposure value", -6, 24),
        /** The illuminance of light that shines all the time. */
        LUX("illuminance", 0.1, 500_000);

        private final String title;
        private final double least;
        private final double most;

        Kind(String title, double least, double most) {
            this.title = title;
            this.least = least;
            this.most = most;
        }
    }

    public HandMeter {
        Objects.requireNonNull(kind);
        if (!(value >= kind.least && value <= kind.most)) {
            throw new Refused(
                    "value",
                    "A meter’s %s lies between %s and %s".formatted(kind.title, number(kind.least), number(kind.most)));
        }
    }

    private static String number(double value) {
        return value == Math.rint(value) ? "%.0f".formatted(value) : "%.1f".formatted(value);
    }

    /** Whether it reads what the lights give: of a flash only what it shows of the moment it fires. */
    public boolean lit(TableSet set) {
        return kind == Kind.F_NUMBER || !set.light().source().flash();
    }

    /** Stops over what a set's settings expose correctly. */
    double stops(TableSet set) {
        Exposure exposure = set.exposure();
        return switch (kind) {
            case F_NUMBER -> 2 * Stops.between(MarkedScale.APERTURE.exact(value), exposure.exactAperture());
            case EXPOSURE_VALUE ->
                Stops.between(ExposureValue.illuminance(value) * exposure.exactShutter(), exposure.correct());
            case LUX -> Stops.between(value * exposure.exactShutter(), exposure.correct());
        };
    }
}
