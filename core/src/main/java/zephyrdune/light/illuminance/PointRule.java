package zephyrdune.light.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;

/**
 * The rule of thumb: the inverse-square law with the whole face drawn together in its centre. Shown beside the exact
 * value so that people see where it breaks; nothing is ever computed from it.
 */
public final class PointRule {

    private PointRule() {}

    /** Illuminance in lux that the rule gives: I cos(at the surface) / d², I the intensity from afar. */
    public static double at(EmittingFace face, Vector3D point, Vector3D normal) {
        Vector3D toFace = face.centre().subtract(point);
        double distance = toFace.norm();
        double atSurface = toFace.dot(normal) / distance;
        if (atSurface <= 0) {
            return 0;
        }
        return face.intensity(toFace.multiply(-1 / distance)) * atSurface / (distance * distance);
    }
}
