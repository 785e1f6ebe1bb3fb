package zephyrdune.render.body;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.dish.Dish;

/** Feels what shape a body has. */
final class Touch {

    private Touch() {}

    static Hit met(Solid solid, Vector3D from, Vector3D way) {
        Ray ray = new Ray();
        ray.set(from.getX(), from.getY(), from.getZ(), way.getX(), way.getY(), way.getZ());
        Hit hit = new Hit();
        hit.clear(1e6);
        solid.meet(ray, hit);
        return hit;
    }

    /** Height at which a finger from above comes upon it; NaN beside it. */
    static double height(Solid solid, double x, double y) {
        Hit hit = met(solid, Vector3D.of(x, y, 1), Vector3D.of(0, 0, -1));
        return hit.material == null ? Double.NaN : 1 - hit.distance;
    }

    /** Distance from the upright middle line at which a finger comes upon it at a level, from a side; NaN above it. */
    static double side(Solid solid, double level, double turn) {
        Vector3D out = Vector3D.of(Math.cos(turn), Math.sin(turn), 0);
        Hit hit = met(solid, out.add(Vector3D.of(0, 0, level)), out.negate());
        return hit.material == null || hit.distance > 1 ? Double.NaN : 1 - hit.distance;
    }

    /** Places along a ray at which it crosses a skin, as far as it goes. */
    static List<Double> crossings(Solid solid, Vector3D from, Vector3D way) {
        List<Double> found = new ArrayList<>();
        double gone = 0;
        for (int i = 0; i < 60; i++) {
            Hit hit = met(solid, from.add(way.multiply(gone)), way);
            if (hit.material == null) {
                return found;
            }
            found.add(gone + hit.distance);
            gone += hit.distance + 1e-8;
        }
        return found;
    }

    static Solid opaque(Dish dish) {
        return Bodies.of(dish).opaque();
    }
}
