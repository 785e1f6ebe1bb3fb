package zephyrdune.set.room;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The light that is in the room anyway: from all sides alike, and perhaps through a window.
 *
 * @param illuminance of an open level surface at the hero, with the key off, when it was measured
 * @param buriedAt stops under a correct exposure from which on it counts as gone; 5 is usual (common practice, no
 *     published source)
 * @param purpose whether it is to be buried or kept
 * @param hourly stops by which it changes in an hour; negative as dusk falls
 * @param after hours since it was measured
 */
@RecordBuilder
public record Ambient(
        @Within(min = 0, max = 100_000, unit = Unit.LUX) double illuminance,
        @Within(min = 1500, max = 20000, unit = Unit.KELVIN) double colourTemperature,
        @Within(min = 1, max = 10, unit = Unit.STOP) double buriedAt,
        Purpose purpose,
        @Within(min = -6, max = 6, unit = Unit.STOP) double hourly,
        @Within(min = 0, max = 12, unit = Unit.HOUR) double after,
        Window window)
        implements AmbientBuilder.With {

    private static final Limits LIMITS = Limits.of(Ambient.class);

    /** What the room's light is wanted for. */
    public enum Purpose {
        /** It is to be gone from the frame, so that every frame matches. */
        BURY,
        /** It stays as the layer under the key. */
        KEEP
    }

    public Ambient {
        LIMITS.require(illuminance, colourTemperature, buriedAt, hourly, after);
        Objects.requireNonNull(purpose);
        Objects.requireNonNull(window);
    }

    /** From all sides, steady, and to be buried. */
    public Ambient(double illuminance, double colourTemperature, double buriedAt) {
        this(illuminance, colourTemperature, buriedAt, Purpose.BURY, 0, 0, new NoWindow());
    }

    /** Illuminance now, lux. */
    public double now() {
        return illuminance * Stops.ratio(hourly * after);
    }

    /** Share of it that comes through the window. */
    public double windowShare() {
        return window instanceof SideWindow side ? side.share() : 0;
    }

    public Ambient withDrift(double newHourly, double newAfter) {
        return with(ambient -> ambient.hourly(newHourly).after(newAfter));
    }
}
