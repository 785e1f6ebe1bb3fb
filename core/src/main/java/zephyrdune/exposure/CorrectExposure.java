package zephyrdune.exposure;

/**
 * The exposure that renders a surface by its reflectance.
 *
 * <p>An incident meter with a flat receptor asks for {@code E t = C N² / S} with C = 250 (ISO 2720:1974).
 */
public final class CorrectExposure {

    /** Incident-light calibration constant of a flat receptor, lx s. */
    public static final double C = 250;

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
