package zephyrdune.set.distribution;

/**
 * The beam of a zoom head: even inside a rectangular pyramid and nothing outside. A real head's edges are softer; the
 * flux inside is the same.
 *
 * @param tanAcross tangent of half the coverage angle to the sides
 * @param tanUp tangent of half the coverage angle up and down
 */
public record Coverage(double tanAcross, double tanUp) implements Distribution {

    /** Half the sides of the 24 x 36 mm frame that zoom positions are named after, metres. */
    private static final double HALF_WIDTH = 0.018;

    private static final double HALF_HEIGHT = 0.012;

    /** What a lens of the zoom's focal length (metres) sees on a 24 x 36 mm frame: 2 atan(36 / 2f) x 2 atan(24 / 2f). */
    public static Coverage ofZoom(double zoom) {
        return new Coverage(HALF_WIDTH / zoom, HALF_HEIGHT / zoom);
    }

    @Override
    public double relativeIntensity(double x, double y, double z) {
        return z > 0 && Math.abs(x) <= tanAcross * z && Math.abs(y) <= tanUp * z ? 1 : 0;
    }

    /** Solid angle of the pyramid: 4 asin(sin a sin b), a and b half its angles. */
    @Override
    public double flux() {
        return 4 * Math.asin(tanAcross / Math.hypot(1, tanAcross) * tanUp / Math.hypot(1, tanUp));
    }
}
