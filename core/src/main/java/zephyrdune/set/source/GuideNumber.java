package zephyrdune.set.source;

import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A guide number, f-number times distance at which a flash exposes correctly: at full power, in metres at ISO 100 (ISO 1230).
 *
 * @param guideNumber f-number times metres
 * @param statedAt zoom position for which it is stated, as a focal length; heads without zoom state one too
 */
public record GuideNumber(
        @Within(min = 1, max = 200, unit = Unit.METRE) double guideNumber,
        @Within(min = 0.014, max = 0.3, unit = Unit.METRE) double statedAt)
        implements FlashOutput {

    private static final Limits LIMITS = Limits.of(GuideNumber.class);
    private static final double METRES_PER_FOOT = 0.3048;

    public GuideNumber {
        LIMITS.require(guideNumber, statedAt);
    }

    /** In another zoom position than the stated one the same light goes into that position's solid angle. */
    @Override
    public double axialIntensity(Distribution beam) {
        double stated = axialIntensity(guideNumber);
        return beam instanceof Coverage ? stated * Coverage.ofZoom(statedAt).flux() / beam.flux() : stated;
    }

    /** The same flash's guide number in feet. */
    public static double inFeet(double metres) {
        return metres / METRES_PER_FOOT;
    }

    /** The same flash's guide number in metres. */
    public static double fromFeet(double feet) {
        return feet * METRES_PER_FOOT;
    }

    /** The guide number at another speed: it goes with the square root of the speed. */
    public static double atSpeed(double guideNumber, double speed) {
        return guideNumber * Math.sqrt(speed / 100);
    }

    /** Axial luminous energy per steradian, cd s: at distance d the exposure is that over d squared, and N = G / d. */
    public static double axialIntensity(double guideNumber) {
        return CorrectExposure.at(guideNumber, 100);
    }

    /** The guide number of an axial luminous energy per steradian, cd s. */
    public static double of(double axialIntensity) {
        return Math.sqrt(axialIntensity * 100 / CorrectExposure.C);
    }

    @Override
    public GuideNumber scaled(double ratio) {
        return new GuideNumber(guideNumber * Math.sqrt(ratio), statedAt);
    }
}
