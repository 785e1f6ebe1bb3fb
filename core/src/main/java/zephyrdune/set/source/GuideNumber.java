package zephyrdune.set.source;

import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.units.exposure.GuideNumbers;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A guide number at full power and ISO 100 (ISO 1230).
 *
 * @param guideNumber f-number times metres
 * @param statedAt zoom position for which it is stated, as a focal length; heads without zoom state one too
 */
public record GuideNumber(
        @Within(min = 1, max = 200, unit = Unit.METRE) double guideNumber,
        @Within(min = 0.014, max = 0.3, unit = Unit.METRE) double statedAt)
        implements FlashOutput {

    private static final Limits LIMITS = Limits.of(GuideNumber.class);

    public GuideNumber {
        LIMITS.require(guideNumber, statedAt);
    }

    /** In another zoom position than the stated one the same light goes into that position's solid angle. */
    @Override
    public double axialIntensity(Distribution beam) {
        double stated = GuideNumbers.axialIntensity(guideNumber);
        return beam instanceof Coverage ? stated * Coverage.ofZoom(statedAt).flux() / beam.flux() : stated;
    }
}
