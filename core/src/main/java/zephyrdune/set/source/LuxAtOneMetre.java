package zephyrdune.set.source;

import zephyrdune.set.distribution.Distribution;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Illuminance on the axis one metre away, at full power, bare or in the reflector it is sold with. For a panel that is its near field: it
 * is measured where the panel's size matters; from afar it acts a little stronger.
 */
public record LuxAtOneMetre(
        @Within(min = 1, max = 1_000_000, unit = Unit.LUX) double atOneMetre) implements LedOutput {

    private static final Limits LIMITS = Limits.of(LuxAtOneMetre.class);

    public LuxAtOneMetre {
        LIMITS.require(atOneMetre);
    }

    /** Lux at one metre are candela, but for a panel's own size. */
    @Override
    public double axialIntensity(Distribution beam) {
        return atOneMetre;
    }

    @Override
    public LuxAtOneMetre scaled(double ratio) {
        return new LuxAtOneMetre(atOneMetre * ratio);
    }
}
