package zephyrdune.render.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/**
 * How much of the frame the light itself takes up.
 *
 * @param face share of the frame in which its lit side is seen, 0 to 1
 * @param back share of the frame that its dark side covers, 0 to 1
 */
public record LightInFrame(double face, double back) {

    private static final int COLUMNS = 48;
    private static final int ROWS = 32;

    /** Counted over an even grid of rays: exact to about a fiftieth of the frame's width. */
    public static LightInFrame of(TableSet set) {
        Perspective view = Perspective.of(set);
        Scene scene = Scene.of(set);
        Vector3D eye = view.eye();
        Ray sight = new Ray();
        Hit hit = new Hit();
        int face = 0;
        int back = 0;
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                Vector3D ray = view.ray((column + 0.5) / COLUMNS, (row + 0.5) / ROWS);
                sight.set(eye.getX(), eye.getY(), eye.getZ(), ray.getX(), ray.getY(), ray.getZ());
                int owner = scene.meet(sight, hit);
                if (owner == Scene.KEY_FACE || owner == Scene.BASE_FACE) {
                    boolean lit = hit.nx * ray.getX() + hit.ny * ray.getY() + hit.nz * ray.getZ() < 0;
                    face += lit ? 1 : 0;
                    back += lit ? 0 : 1;
                }
            }
        }
        double rays = COLUMNS * ROWS;
        return new LightInFrame(face / rays, back / rays);
    }
}
