package zephyrdune.softness;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.table.Softbox;

/**
 * How big the face looks from a point: size to distance along each axis. Two faces of equal size to distance give the
 * same edge.
 *
 * @param across face width over distance
 * @param along face height over distance
 */
public record ApparentSize(double across, double along) {

    public static ApparentSize from(Vector3D point, Softbox box) {
        double distance = box.centre().distance(point);
        return new ApparentSize(box.width() / distance, box.height() / distance);
    }

    /** The angle, in radians, that a size-to-distance ratio s/D is seen under, face on: 2 atan(s / 2D). */
    public static double angle(double sizeToDistance) {
        return 2 * Math.atan(sizeToDistance / 2);
    }
}
