package zephyrdune.set.source;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.distribution.MeasuredIntensity;
import zephyrdune.set.distribution.PhotometricType;
import zephyrdune.set.power.PowerDial;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A lamp with its own measured distribution, as photometric files give it. What it sends backwards is left out: a face
 * of light shines to its front.
 *
 * @param name as the file gives it
 * @param vertical ascending angles
 * @param horizontal ascending angles; as far as the light's symmetry makes them needed
 * @param intensity for each horizontal angle, one for each vertical angle
 */
public record MeasuredLamp(
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

    /** Most intensities in one lamp. */
    public static final int MOST_INTENSITIES = 5000;

    public static final LineLimit NAME = Limits.line(MeasuredLamp.class, "name");

    private static final Limits LIMITS = Limits.of(MeasuredLamp.class);

    public MeasuredLamp {
        NAME.require(name);
        Objects.requireNonNull(axes);
        vertical = List.copyOf(vertical);
        horizontal = List.copyOf(horizontal);
        intensity = List.copyOf(intensity);
        LIMITS.require(vertical, horizontal, intensity, colourTemperature);
        Objects.requireNonNull(dial);
        requireAscending("vertical", vertical);
        requireAscending("horizontal", horizontal);
        if (intensity.size() != vertical.size() * horizontal.size()) {
            throw new Refused(
                    "intensity",
                    "%d vertical and %d horizontal angles need %d intensities; there are %d"
                            .formatted(
                                    vertical.size(),
                                    horizontal.size(),
                                    vertical.size() * horizontal.size(),
                                    intensity.size()));
        }
        if (new MeasuredIntensity(axes, vertical, horizontal, intensity).axialIntensity() <= 0) {
            throw new Refused("intensity", "The lamp gives no light along its axis, straight ahead");
        }
    }

    private static void requireAscending(String field, List<Double> angles) {
        for (int i = 1; i < angles.size(); i++) {
            if (angles.get(i) <= angles.get(i - 1)) {
                throw new Refused(
                        field, "The angles must go up from each to the next; number %d does not".formatted(i + 1));
            }
        }
    }

    @Override
    public boolean flash() {
        return false;
    }

    @Override
    public Distribution distribution() {
        return measured();
    }

    @Override
    public double axialIntensity() {
        return measured().axialIntensity();
    }

    private MeasuredIntensity measured() {
        return new MeasuredIntensity(axes, vertical, horizontal, intensity);
    }

    @Override
    public MeasuredLamp scaled(double ratio) {
        List<Double> scaled = intensity.stream().map(value -> value * ratio).toList();
        return new MeasuredLamp(name, axes, vertical, horizontal, scaled, colourTemperature, dial);
    }
}
