package zephyrdune.set.source;

import java.util.Objects;
import zephyrdune.set.power.PowerDial;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A flat LED panel that shines by itself: much of it goes to the sides.
 *
 * @param beamAngle full angle to half the axial intensity
 */
public record LedPanel(
        LedOutput output,

        @Within(min = Math.PI / 36, max = Math.PI * 17 / 18, unit = Unit.RADIAN)
        double beamAngle,

        @Within(min = 1500, max = 20000, unit = Unit.KELVIN) double colourTemperature,
        PowerDial dial)
        implements Led {

    private static final Limits LIMITS = Limits.of(LedPanel.class);

    public LedPanel {
        Objects.requireNonNull(output);
        LIMITS.require(beamAngle, colourTemperature);
        Objects.requireNonNull(dial);
    }

    @Override
    public LedPanel scaled(double ratio) {
        return new LedPanel(output.scaled(ratio), beamAngle, colourTemperature, dial);
    }
}
