package zephyrdune.light.daylight;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import zephyrdune.units.sampling.GaussLegendre;

/** What sky and ground give an upright surface that nothing stands before; the sun's beam is not in it. */
public final class UprightDaylight {

    /** Of the ground before it; the usual value (IES Lighting Handbook). */
    private static final double GROUND = 0.2;

    private static final int BEARINGS = 48;
    private static final GaussIntegrator HEIGHTS = GaussLegendre.over(16, -1, 1);

    private UprightDaylight() {}

    /** How a sky's luminance is spread, but for a factor. */
    @FunctionalInterface
    interface Spread {
        double luminance(double cosZenith, double cosFromSun);
    }

    /**
     * Its illuminance, lux.
     *
     * @param bearing that it faces, clockwise from north, radians
     */
    public static double of(Sky sky, Sun sun, double bearing) {
        double level = sky.level(sun);
        double ground = GROUND * (level + sky.beam(sun) * Math.max(0, Math.sin(sun.height()))) / 2;
        return level * skyShare(sky::luminance, sun, bearing) + ground;
    }

    /** What the half of the sky that it faces gives it over what the whole sky gives a level surface. */
    static double skyShare(Spread sky, Sun sun, double bearing) {
        Vector3D towardsSun = towards(Math.max(0, sun.height()), sun.bearing());
        Vector3D out = towards(0, bearing);
        double upright = 0;
        double level = 0;
        for (int i = 0; i < HEIGHTS.getNumberOfPoints(); i++) {
            double height = Math.PI / 4 * (1 + HEIGHTS.getPoint(i));
            double weight = HEIGHTS.getWeight(i) * Math.cos(height);
            for (int j = 0; j < BEARINGS; j++) {
                Vector3D direction = towards(height, bearing + 2 * Math.PI * (j + 0.5) / BEARINGS);
                double light = weight * sky.luminance(direction.getZ(), direction.dot(towardsSun));
                upright += light * Math.max(0, direction.dot(out));
                level += light * direction.getZ();
            }
        }
        return upright / level;
    }

    /** North is along y, east along x. */
    private static Vector3D towards(double height, double bearing) {
        return Vector3D.of(
                Math.cos(height) * Math.sin(bearing), Math.cos(height) * Math.cos(bearing), Math.sin(height));
    }
}
