package zephyrdune.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;

/** The share of an uneven face's light that passes a straight opaque edge, over low-discrepancy points of the face. */
public final class PassedShare {

    private PassedShare() {}

    /**
     * What comes from the points of the face on one side of a plane through the receiver, over what comes from all.
     *
     * @param point the receiver, metres
     * @param normal of the receiver, a unit vector
     * @param open normal of the plane, towards the side that is seen
     * @param count points to take, a power of two; the error is about one over it
     */
    public static double of(EmittingFace face, Vector3D point, Vector3D normal, Vector3D open, int count) {
        double[] place = new double[2];
        double all = 0;
        double passed = 0;
        for (int i = 0; i < count; i++) {
            face.outline().place(LowDiscrepancy.first(i), LowDiscrepancy.second(i), place);
            Vector3D ray = face.at(place[0], place[1]).subtract(point);
            double squared = ray.normSq();
            double atSurface = ray.dot(normal);
            if (atSurface > 0) {
                double length = Math.sqrt(squared);
                double luminance = face.luminance(place[0], place[1], ray.multiply(-1 / length));
                double given = luminance * atSurface * -ray.dot(face.front()) / (squared * squared);
                all += given;
                if (ray.dot(open) > 0) {
                    passed += given;
                }
            }
        }
        return all > 0 ? passed / all : 0;
    }
}
