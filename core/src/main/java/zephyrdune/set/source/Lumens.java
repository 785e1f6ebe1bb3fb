package zephyrdune.set.source;

import zephyrdune.set.distribution.Distribution;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** Luminous flux at full power. */
public record Lumens(
        @Within(min = 1, max = 500_000, unit = Unit.LUMEN) double flux) implements LedOutput {

    private static final Limits LIMITS = Limits.of(Lumens.class);

    public Lumens {
        LIMITS.require(flux);
    }

    @Override
    public double axialIntensity(Distribution beam) {
        return flux / beam.flux();
    }

    @Override
    public Lumens scaled(double ratio) {
        return new Lumens(flux * ratio);
    }
}
