package zephyrdune.render.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/**
 * The key's light on the table top as the picture shows it, in stops from the hero, with the dish's own shadow left out.
 *
 * @param columns points across the frame, the first at its left edge and the last at its right
 * @param rows points down the frame
 * @param stops row by row from the top; NaN where the picture shows something else than the table
 */
public record PictureStops(int columns, int rows, float[] stops) {

    public static PictureStops of(TableSet set, int columns, int rows) {
        Perspective view = Perspective.of(set);
        Scene scene = Scene.of(set);
        KeyLight key = KeyLight.of(set, Illuminance.COARSE);
        Ray ray = new Ray();
        Hit hit = new Hit();
        Vector3D eye = view.eye();
        float[] stops = new float[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                Vector3D way = view.ray(column / (columns - 1.0), row / (rows - 1.0));
                ray.set(eye.getX(), eye.getY(), eye.getZ(), way.getX(), way.getY(), way.getZ());
                boolean table = scene.meet(ray, hit) == Scene.TABLE;
                stops[row * columns + column] = table
                        ? (float) key.levelStops(
                                eye.getX() + hit.distance * way.getX(), eye.getY() + hit.distance * way.getY(), 0)
                        : Float.NaN;
            }
        }
        return new PictureStops(columns, rows, stops);
    }
}
