package zephyrdune.render.trace;

import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;

/**
 * What the camera sees in one point of the frame.
 *
 * @param point metres
 * @param normal of the surface there, towards the camera, a unit vector
 * @param owner whose surface it is, see {@link Scene}
 * @param clear whether it is the surface of something clear
 */
public record CameraHit(Vector3D point, Vector3D normal, int owner, boolean clear) {

    /**
     * @param across from the left edge of the frame, 0 to 1
     * @param down from its upper edge, 0 to 1
     */
    public static Optional<CameraHit> of(Perspective view, Scene scene, double across, double down) {
        Vector3D way = view.ray(across, down);
        Vector3D eye = view.eye();
        Ray ray = new Ray();
        ray.set(eye.getX(), eye.getY(), eye.getZ(), way.getX(), way.getY(), way.getZ());
        Hit hit = new Hit();
        int owner = scene.meet(ray, hit);
        if (owner < 0) {
            return Optional.empty();
        }
        Vector3D normal = Vector3D.of(hit.nx, hit.ny, hit.nz);
        return Optional.of(new CameraHit(
                eye.add(way.multiply(hit.distance)),
                normal.dot(way) > 0 ? normal.negate() : normal,
                owner,
                hit.material.clear()));
    }
}
