package zephyrdune.render.lens;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;

/**
 * The camera's perspective: from the lens towards the middle of the hero, in focus there.
 *
 * @param eye the lens, metres
 * @param forward along the lens axis, a unit vector
 * @param rightHalf from the middle to the right edge of the frame at unit distance
 * @param upHalf from the middle to the upper edge of the frame at unit distance
 */
public record Perspective(Vector3D eye, Vector3D forward, Vector3D rightHalf, Vector3D upHalf) {

    public static Perspective of(TableSet set) {
        Camera camera = set.camera();
        return new Perspective(
                camera.lens(set.dish().height() / 2),
                camera.towardsLens().negate(),
                Vector3D.Unit.PLUS_X.multiply(camera.framedWidth() / 2 / camera.subjectDistance()),
                camera.up().multiply(camera.framedHeight() / 2 / camera.subjectDistance()));
    }

    /** Direction of the ray through the frame at (across, down), each 0 to 1 from the upper left; a unit vector. */
    public Vector3D ray(double across, double down) {
        return forward.add(rightHalf.multiply(2 * across - 1))
                .add(upHalf.multiply(1 - 2 * down))
                .normalize();
    }

    /** Where a point appears in the frame, as (across, down, distance along the axis); beyond 0 to 1 it is outside. */
    public Vector3D project(Vector3D point) {
        Vector3D toPoint = point.subtract(eye);
        double depth = toPoint.dot(forward);
        double across = toPoint.dot(rightHalf) / rightHalf.normSq() / depth;
        double up = toPoint.dot(upHalf) / upHalf.normSq() / depth;
        return Vector3D.of((across + 1) / 2, (1 - up) / 2, depth);
    }

    /** Whether a place lies in the frame, whatever stands before it. */
    public boolean shows(Vector3D place) {
        Vector3D seen = project(place);
        return seen.getZ() > 0 && Math.abs(seen.getX() - 0.5) <= 0.5 && Math.abs(seen.getY() - 0.5) <= 0.5;
    }
}
