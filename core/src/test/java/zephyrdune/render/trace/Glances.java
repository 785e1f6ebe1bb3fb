package zephyrdune.render.trace;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Ray;

/** Looks at a place from nearby. */
final class Glances {

    private static final double AWAY = 0.3;

    private Glances() {}

    /** Mean green luminance by the key of a place, seen from a direction. */
    static double key(Tracer tracer, Vector3D point, Vector3D eye, int looks) {
        Vector3D from = point.add(eye.multiply(AWAY));
        Ray ray = new Ray();
        double mean = 0;
        for (int look = 0; look < looks; look++) {
            ray.set(from.getX(), from.getY(), from.getZ(), -eye.getX(), -eye.getY(), -eye.getZ());
            tracer.trace(ray, 5, look, 1e-9);
            mean += tracer.out[3 * Layers.KEY + 1] / looks;
        }
        return mean;
    }
}
