package zephyrdune.set.source;

import zephyrdune.set.distribution.Distribution;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Electrical energy of a full flash and the light it becomes.
 *
 * @param efficacy lumen seconds of light for each watt second; 40 is typical of a xenon tube, 30 to 50 occur (common
 *     practice, from memory, no published source)
 */
public record WattSeconds(
        @Within(min = 1, max = 5000, unit = Unit.WATT_SECOND)
        double energy,

        @Within(min = 5, max = 100, unit = Unit.LUMEN_PER_WATT)
        double efficacy)
        implements FlashOutput {

    private static final Limits LIMITS = Limits.of(WattSeconds.class);

    public WattSeconds {
        LIMITS.require(energy, efficacy);
    }

    @Override
    public double axialIntensity(Distribution beam) {
        return energy * efficacy / beam.flux();
    }

    @Override
    public WattSeconds scaled(double ratio) {
        return new WattSeconds(energy, efficacy * ratio);
    }
}
