package zephyrdune.set.source;

import java.util.Objects;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.power.PowerDial;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A mains flash head.
 *
 * @param beamAngle full angle to half the axial intensity, of the head in its own reflector
 */
public record MainsFlash(
        FlashOutput output,

        @Within(min = Math.PI / 36, max = Math.PI * 17 / 18, unit = Unit.RADIAN)
        double beamAngle,

        @Within(min = 1500, max = 20000, unit = Unit.KELVIN) double colourTemperature,
        PowerDial dial)
        implements Source {

    private static final Limits LIMITS = Limits.of(MainsFlash.class);

    public MainsFlash {
        Objects.requireNonNull(output);
        LIMITS.require(beamAngle, colourTemperature);
        Objects.requireNonNull(dial);
    }

    @Override
    public boolean flash() {
        return true;
    }

    @Override
    public Distribution distribution() {
        return CosinePower.ofBeamAngle(beamAngle);
    }

    @Override
    public double axialIntensity() {
        return output.axialIntensity(distribution());
    }

    @Override
    public MainsFlash scaled(double ratio) {
        return new MainsFlash(output.scaled(ratio), beamAngle, colourTemperature, dial);
    }
}
