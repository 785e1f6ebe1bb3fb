package zephyrdune.units.exposure;

/**
 * Guide numbers: f-number times distance at which a flash exposes correctly (ISO 1230). In metres at ISO 100 unless said
 * otherwise.
 */
public final class GuideNumbers {

    private static final double METRES_PER_FOOT = 0.3048;

    private GuideNumbers() {}

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

    /** Axial luminous energy per steradian, cd s: at distance d the exposure is that over d², and N = G / d. */
    public static double axialIntensity(double guideNumber) {
        return CorrectExposure.at(guideNumber, 100);
    }

    /** The guide number of an axial luminous energy per steradian, cd s. */
    public static double of(double axialIntensity) {
        return Math.sqrt(axialIntensity * 100 / CorrectExposure.C);
    }
}
