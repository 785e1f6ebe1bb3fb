package zephyrdune.answers.fill;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Rim;

/**
 * An upright bit of the hero's side.
 *
 * @param place just off its outline, at half its height, metres
 * @param facing out from it, as the outline does there, a level unit vector
 */
public record Side(Vector3D place, Vector3D facing) {

    /** Off the outline, so that the surface does not touch it, metres. */
    private static final double CLEAR = 0.002;

    /** Where the level direction (dx, dy) from the axis, a unit vector, comes out. */
    static Side of(Dish dish, double dx, double dy) {
        Rim rim = dish.widest(dx, dy);
        Vector3D facing = rim.facing(dx, dy);
        double out = rim.out(dx, dy);
        return new Side(Vector3D.of(dx * out, dy * out, dish.height() / 2).add(facing.multiply(CLEAR)), facing);
    }
}
