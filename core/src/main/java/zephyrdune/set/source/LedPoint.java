package zephyrdune.set.source;

import java.util.Objects;
import zephyrdune.set.power.PowerDial;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * An LED with one small bright spot, bare or in its reflector.
 *
 * @param beamAngle full angle to half the axial intensity
 */
public record LedPoint(
        LedOutput output,

        @Within(min = Math.PI / 36, max = Math.PI * 17 / 18, unit = Unit.RADIAN)
        double beamAngle,

        @Within(min = 1500, max = 20000, unit = Unit.KELVIN) double colourTemperature,
        PowerDial dial)
        implements Led {

    private static final Limits LIMITS = Limits.of(LedPoint.class);

    public LedPoint {
        Objects.requireNonNull(output);
        LIMITS.require(beamAngle, colourTemperature);
        Objects.requireNonNull(dial);
    }

    @Override
    public LedPoint scaled(double ratio) {
        return new LedPoint(output.scaled(ratio), beamAngle, colourTemperature, dial);
    }
}
