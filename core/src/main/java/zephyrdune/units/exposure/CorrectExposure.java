package zephyrdune.units.exposure;

/**
 * The exposure that renders a surface by its reflectance.
 *
 * <p>An incident meter with a flat receptor asks for {@code E t = C N² / S} with C = 250, and one that reads a surface for
 * {@code L t = K N² / S} with K = 12.5 (ISO 2720:1974, whose ranges are C 240 to 400 and K 10.6 to 13.4; values from memory). A matte surface of
 * 15.7 % is the same to both.
 */
public final class CorrectExposure {

    /** Incident-light calibration constant of a flat receptor, lx s. */
    public static final double C = 250;

    /** Reflected-light calibration constant, cd s/m². */
    public static final double K = 12.5;

    /** Linear pixel value of mid grey, a matte surface of 18 %. */
    public static final double MID_GREY = 0.18;

    private CorrectExposure() {}

    /**
     * Incident exposure on a plane that is exposed correctly, lx s.
     *
     * @param aperture exact f-number
     * @param speed exact ISO speed
     */
    public static double at(double aperture, double speed) {
        return C * aperture * aperture / speed;
    }

    /**
     * The incident exposure that counts as much to an incident meter as a surface's light does to one that reads surfaces, lx s.
     *
     * @param luminance towards the meter, times the time it lasts, cd s/m²
     */
    public static double incident(double luminance) {
        return luminance * C / K;
    }

    /**
     * Linear pixel value of a surface: a diffuse one of reflectance rho under a correct exposure gets rho, and 0.18 encodes
     * to 118 in sRGB.
     *
     * @param luminance towards the camera, times the time it lasts, cd s/m²
     * @param correct incident exposure that is correct, lx s
     */
    public static double pixel(double luminance, double correct) {
        return Math.PI * luminance / correct;
    }
}
