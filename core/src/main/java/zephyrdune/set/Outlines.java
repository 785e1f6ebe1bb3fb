package zephyrdune.set;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Flat convex outlines in space: what cuts what. */
public final class Outlines {

    private Outlines() {}

    /** Whether two flat convex outlines cut each other: a side of one goes through the other. */
    public static boolean cross(List<Vector3D> one, List<Vector3D> other) {
        return pierces(one, other) || pierces(other, one);
    }

    private static boolean pierces(List<Vector3D> sides, List<Vector3D> flat) {
        Vector3D normal = flat.get(1).subtract(flat.get(0)).cross(flat.get(2).subtract(flat.get(1)));
        Vector3D from = sides.get(sides.size() - 1);
        for (Vector3D to : sides) {
            double fromHeight = from.subtract(flat.get(0)).dot(normal);
            double toHeight = to.subtract(flat.get(0)).dot(normal);
            if (fromHeight * toHeight < 0
                    && inside(from.lerp(to, fromHeight / (fromHeight - toHeight)), flat, normal)) {
                return true;
            }
            from = to;
        }
        return false;
    }

    private static boolean inside(Vector3D point, List<Vector3D> flat, Vector3D normal) {
        for (int i = 0; i < flat.size(); i++) {
            Vector3D side = flat.get((i + 1) % flat.size()).subtract(flat.get(i));
            if (side.cross(point.subtract(flat.get(i))).dot(normal) < 0) {
                return false;
            }
        }
        return true;
    }

    /** The part of an outline at or below a height; empty when there is none. */
    static List<Vector3D> below(List<Vector3D> outline, double height) {
        List<Vector3D> kept = new ArrayList<>();
        Vector3D before = outline.get(outline.size() - 1);
        for (Vector3D point : outline) {
            if (before.getZ() <= height != point.getZ() <= height) {
                kept.add(before.lerp(point, (height - before.getZ()) / (point.getZ() - before.getZ())));
            }
            if (point.getZ() <= height) {
                kept.add(point);
            }
            before = point;
        }
        return kept;
    }

    static double lowest(List<Vector3D> outline) {
        return outline.stream().mapToDouble(Vector3D::getZ).min().orElseThrow();
    }

    /** How far it reaches away from the camera. */
    static double farthest(List<Vector3D> outline) {
        return outline.stream().mapToDouble(Vector3D::getY).max().orElseThrow();
    }
}
