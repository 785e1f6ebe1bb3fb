package zephyrdune.set.source;

import java.util.Objects;
import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.power.PowerDial;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A battery flash with a zoom head. Zooming puts the same light into another solid angle; a real head gains less, so a
 * guide number stated for the zoom in use is the better one to enter.
 *
 * @param zoom position in use, as a focal length
 * @param recycle after a full flash until the next; 0 where it is not stated
 * @param burst full flashes in a row after which the head slows down to cool; 0 where it is not stated
 */
public record BatteryFlash(
        FlashOutput output,
        @Within(min = 0.014, max = 0.3, unit = Unit.METRE) double zoom,
        @Within(min = 1500, max = 20000, unit = Unit.KELVIN) double colourTemperature,
        PowerDial dial,
        @Within(min = 0, max = 60, unit = Unit.SECOND) double recycle,
        @Within(min = 0, max = 500, unit = Unit.RATIO) double burst)
        implements Source {

    private static final Limits LIMITS = Limits.of(BatteryFlash.class);

    public BatteryFlash {
        Objects.requireNonNull(output);
        LIMITS.require(zoom, colourTemperature, recycle, burst);
        Objects.requireNonNull(dial);
    }

    /** With nothing stated about recycling and heat. */
    public BatteryFlash(FlashOutput output, double zoom, double colourTemperature, PowerDial dial) {
        this(output, zoom, colourTemperature, dial, 0, 0);
    }

    @Override
    public boolean flash() {
        return true;
    }

    @Override
    public Distribution distribution() {
        return Coverage.ofZoom(zoom);
    }

    @Override
    public double axialIntensity() {
        return output.axialIntensity(distribution());
    }

    @Override
    public BatteryFlash scaled(double ratio) {
        return new BatteryFlash(output.scaled(ratio), zoom, colourTemperature, dial, recycle, burst);
    }
}
