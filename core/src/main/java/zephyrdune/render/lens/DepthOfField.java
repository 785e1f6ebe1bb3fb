package zephyrdune.render.lens;

/**
 * The depth that looks sharp, by the thin lens and a circle of confusion in the image.
 *
 * <p>With focus at s from the lens, hyperfocal distance {@code H = f² / (N c) + f}: near limit {@code s (H - f) / (H + s -
 * 2 f)}, far limit {@code s (H - f) / (H - s)}, without end from {@code s = H} on. Geometrical optics; for close work
 * the aperture works as {@code N (1 + m)} at the image, which these forms contain.
 *
 * @param near from the lens to where sharpness begins, metres
 * @param far from the lens to where it ends, metres; may be infinite
 */
public record DepthOfField(double near, double far) {

    /** Sensor diagonals in a circle of confusion. Common practice, no published source. */
    private static final double PER_DIAGONAL = 1500;

    /** The circle of confusion for a sensor, metres. */
    public static double circle(double sensorWidth, double sensorHeight) {
        return Math.hypot(sensorWidth, sensorHeight) / PER_DIAGONAL;
    }

    /**
     * @param focalLength metres
     * @param aperture f-number
     * @param circle of confusion in the image, metres
     * @param focus distance from the lens, more than the focal length, metres
     */
    public static DepthOfField of(double focalLength, double aperture, double circle, double focus) {
        double hyperfocal = hyperfocal(focalLength, aperture, circle);
        double near = focus * (hyperfocal - focalLength) / (hyperfocal + focus - 2 * focalLength);
        double far = focus < hyperfocal
                ? focus * (hyperfocal - focalLength) / (hyperfocal - focus)
                : Double.POSITIVE_INFINITY;
        return new DepthOfField(near, far);
    }

    /** The nearest focus at which the far limit has no end, metres. */
    public static double hyperfocal(double focalLength, double aperture, double circle) {
        return focalLength * focalLength / (aperture * circle) + focalLength;
    }

    /** From the near to the far limit, metres. */
    public double depth() {
        return far - near;
    }
}
