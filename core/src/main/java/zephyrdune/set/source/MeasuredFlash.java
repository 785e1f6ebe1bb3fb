package zephyrdune.set.source;

import java.util.List;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.distribution.MeasuredIntensity;
import zephyrdune.set.distribution.PhotometricType;
import zephyrdune.set.power.PowerDial;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A flash with its own measured distribution: as a {@link MeasuredLamp}, but its intensities are candela seconds of one full flash.
 *
 * @param name as the file gives it
 * @param vertical ascending angles
 * @param horizontal ascending angles; as far as the light's symmetry makes them needed
 * @param intensity for each horizontal angle, one for each vertical angle
 */
public record MeasuredFlash(
        @Line(max = 80) String name,
        PhotometricType axes,

        @Count(min = 2, max = 361) @Within(min = -Math.PI / 2, max = Math.PI, unit = Unit.RADIAN)
        List<Double> vertical,

        @Count(min = 1, max = 361) @Within(min = -Math.PI / 2, max = 2 * Math.PI, unit = Unit.RADIAN)
        List<Double> horizontal,

        @Count(min = 2, max = MeasuredLamp.MOST_INTENSITIES) @Within(min = 0, max = 1e8, unit = Unit.CANDELA)
        List<Double> intensity,

        @Within(min = 1500, max = 20000, unit = Unit.KELVIN) double colourTemperature,
        PowerDial dial)
        implements Source {

    public MeasuredFlash {
        // the limits are those of a lamp
        MeasuredLamp checked = new MeasuredLamp(name, axes, vertical, horizontal, intensity, colourTemperature, dial);
        vertical = checked.vertical();
        horizontal = checked.horizontal();
        intensity = checked.intensity();
    }

    @Override
    public boolean flash() {
        return true;
    }

    @Override
    public double axialIntensity() {
        return measured().axialIntensity();
    }

    @Override
    public Distribution distribution() {
        return measured();
    }

    private MeasuredIntensity measured() {
        return new MeasuredIntensity(axes, vertical, horizontal, intensity);
    }

    @Override
    public MeasuredFlash scaled(double ratio) {
        List<Double> scaled = intensity.stream().map(value -> value * ratio).toList();
        return new MeasuredFlash(name, axes, vertical, horizontal, scaled, colourTemperature, dial);
    }
}
