package zephyrdune.source;

import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

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
}
