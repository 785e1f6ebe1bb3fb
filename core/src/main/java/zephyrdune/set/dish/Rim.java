package zephyrdune.set.dish;

import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.units.measure.Rounding;

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

    public static Rim circle(double diameter, double height) {
        return new Rim(diameter / 2, diameter / 2, height, true);
    }

    static Rim oval(double width, double depth, double height) {
        return new Rim(width / 2, depth / 2, height, true);
    }

    static Rim rectangle(double width, double depth, double height) {
        return new Rim(width / 2, depth / 2, height, false);
    }

    /** From the axis to the edge in the level direction (dx, dy), a unit vector. Metres. */
    public double out(double dx, double dy) {
        double across = Math.abs(dx) / halfWidth;
        double deep = Math.abs(dy) / halfDepth;
        return 1 / (round ? Math.hypot(across, deep) : Math.max(across, deep));
    }

    /** Which way the edge faces where the level direction (dx, dy) from the axis meets it, a level unit vector. */
    public Vector3D facing(double dx, double dy) {
        if (round) {
            return Vector3D.Unit.from(dx / (halfWidth * halfWidth), dy / (halfDepth * halfDepth), 0);
        }
        return Math.abs(dx) / halfWidth > Math.abs(dy) / halfDepth
                ? Vector3D.of(Math.signum(dx), 0, 0)
                : Vector3D.of(0, Math.signum(dy), 0);
    }

    /** The place on the edge that lies farthest in the level direction (dx, dy), a unit vector. Metres. */
    public Vector3D farthest(double dx, double dy) {
        if (round) {
            double far = Math.hypot(dx * halfWidth, dy * halfDepth);
            return Vector3D.of(dx * halfWidth * halfWidth / far, dy * halfDepth * halfDepth / far, height);
        }
        return Vector3D.of(side(dx) * halfWidth, side(dy) * halfDepth, height);
    }

    /** Which of two corners is the farther; 0, the middle between them, where both are. */
    private static double side(double way) {
        return Rounding.same(way, 0) ? 0 : Math.signum(way);
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
