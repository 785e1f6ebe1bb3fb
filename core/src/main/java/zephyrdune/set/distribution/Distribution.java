package zephyrdune.set.distribution;

/**
 * Luminous intensity over directions, relative to that along the axis.
 *
 * <p>Directions are unit vectors seen from the lit side: x to the left when y is up, z along the axis. Nothing goes
 * backwards.
 */
public interface Distribution {

    /** Intensity in the unit direction (x, y, z) over the intensity along the axis; zero for z of zero or less. */
    double relativeIntensity(double x, double y, double z);

    /** Integral of the relative intensity over all directions, steradians: flux over axial intensity. */
    double flux();
}
