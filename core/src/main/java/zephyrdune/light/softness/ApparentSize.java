package zephyrdune.light.softness;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;

/**
 * How big the face looks from a point. Two faces of equal size to distance give the same edge.
 *
 * @param across face width over distance
 * @param along face height over distance
 * @param solidAngle steradians
 */
public record ApparentSize(double across, double along, double solidAngle) {

    /** Sides of the polygon that stands for a disc: its solid angle is then right to a few parts in a million. */
    private static final int DISC_SIDES = 256;

    public static ApparentSize from(Vector3D point, EmittingFace face) {
        double distance = face.centre().distance(point);
        return new ApparentSize(
                2 * face.acrossHalf().norm() / distance,
                2 * face.upHalf().norm() / distance,
                solidAngle(point, face.corners(DISC_SIDES)));
    }

    /** The angle, in radians, that a size-to-distance ratio s/D is seen under, face on: 2 atan(s / 2D). */
    public static double angle(double sizeToDistance) {
        return 2 * Math.atan(sizeToDistance / 2);
    }

    /** As a fan of triangles (A. van Oosterom, J. Strackee, IEEE Trans. Biomed. Eng. 30, 1983). */
    private static double solidAngle(Vector3D point, List<Vector3D> corners) {
        Vector3D a = corners.get(0).subtract(point).normalize();
        double sum = 0;
        for (int i = 1; i + 1 < corners.size(); i++) {
            Vector3D b = corners.get(i).subtract(point).normalize();
            Vector3D c = corners.get(i + 1).subtract(point).normalize();
            sum += 2 * Math.atan2(a.dot(b.cross(c)), 1 + a.dot(b) + b.dot(c) + c.dot(a));
        }
        return Math.abs(sum);
    }
}
