package zephyrdune.table;

import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A level edge of the dish: a circle, an oval or a rectangle along x and y, centred on the axis.
 *
 * @param halfWidth along x, metres
 * @param halfDepth along y, metres
 * @param height above the table, metres
 * @param round whether it is a circle or an oval
 */
public record Rim(double halfWidth, double halfDepth, double height, boolean round) {

    private static final int OUTLINE_POINTS = 48;

    static Rim circle(double diameter, double height) {
        return new Rim(diameter / 2, diameter / 2, height, true);
    }

    static Rim oval(double width, double depth, double height) {
        return new Rim(width / 2, depth / 2, height, true);
    }

    static Rim rectangle(double width, double depth, double height) {
        return new Rim(width / 2, depth / 2, height, false);
    }

    /** How far the edge reaches from the axis in the level direction (dx, dy), a unit vector. Metres. */
    public double reach(double dx, double dy) {
        return round ? Math.hypot(dx * halfWidth, dy * halfDepth) : Math.abs(dx) * halfWidth + Math.abs(dy) * halfDepth;
    }

    /** Points round the edge, metres; for a circle or an oval, evenly spaced in turn. */
    public List<Vector3D> outline() {
        if (!round) {
            return List.of(
                    Vector3D.of(-halfWidth, -halfDepth, height),
                    Vector3D.of(halfWidth, -halfDepth, height),
                    Vector3D.of(halfWidth, halfDepth, height),
                    Vector3D.of(-halfWidth, halfDepth, height));
        }
        return IntStream.range(0, OUTLINE_POINTS)
                .mapToDouble(step -> 2 * Math.PI * step / OUTLINE_POINTS)
                .mapToObj(turn -> Vector3D.of(halfWidth * Math.cos(turn), halfDepth * Math.sin(turn), height))
                .toList();
    }

    /** Distance of its outermost point from the axis, metres. */
    public double outermost() {
        return round ? Math.max(halfWidth, halfDepth) : Math.hypot(halfWidth, halfDepth);
    }
}
