package zephyrdune.set.source;

import zephyrdune.set.distribution.Distribution;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The f-number that an incident meter gave at ISO 100 on the axis of the bare flash at full power.
 *
 * @param from distance of the meter, metres
 */
public record MeteredAperture(
        @Within(min = 0.7, max = 128, unit = Unit.F_NUMBER) double aperture,
        @Within(min = 0.2, max = 20, unit = Unit.METRE) double from)
        implements FlashOutput {

    private static final Limits LIMITS = Limits.of(MeteredAperture.class);

    public MeteredAperture {
        LIMITS.require(aperture, from);
    }

    /** That of the guide number N d. */
    @Override
    public double axialIntensity(Distribution beam) {
        return GuideNumber.axialIntensity(MarkedScale.APERTURE.exact(aperture) * from);
    }

    @Override
    public MeteredAperture scaled(double ratio) {
        return new MeteredAperture(MarkedScale.APERTURE.exact(aperture) * Math.sqrt(ratio), from);
    }
}
