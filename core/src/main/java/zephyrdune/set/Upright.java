package zephyrdune.set;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.dish.Rim;

/**
 * The upright body that just holds a dish or product, from the table to its top.
 *
 * @param footprint corners of its convex outline seen from above, metres
 * @param top height above the table, metres
 */
record Upright(List<Vector3D> footprint, double top) {

    /** The cylinder round the hero's axis. */
    static Upright of(Dish dish) {
        double radius = dish.radius();
        return new Upright(Rim.circle(2 * radius, 0).outline(), dish.height());
    }

    /** The rectangle or circle round a prop, turned as it is. */
    static Upright of(Prop prop) {
        double halfWidth =
                prop.body().rims().stream().mapToDouble(Rim::halfWidth).max().orElseThrow();
        double halfDepth =
                prop.body().rims().stream().mapToDouble(Rim::halfDepth).max().orElseThrow();
        boolean round = prop.body().rims().stream().allMatch(Rim::round);
        double cosine = Math.cos(prop.turn());
        double sine = Math.sin(prop.turn());
        return new Upright(
                new Rim(halfWidth, halfDepth, 0, round)
                        .outline().stream()
                                .map(at -> Vector3D.of(
                                        prop.x() + at.getX() * cosine - at.getY() * sine,
                                        prop.y() + at.getX() * sine + at.getY() * cosine,
                                        0))
                                .toList(),
                prop.lift() + prop.body().height());
    }

    /** Whether a flat convex outline reaches into it. */
    boolean holds(List<Vector3D> outline) {
        List<Vector3D> low = Outlines.below(outline, top);
        return !low.isEmpty() && !parted(low, footprint) && !parted(footprint, low);
    }

    /** Whether, seen from above, a line along a side of one parts it from the other. */
    private static boolean parted(List<Vector3D> one, List<Vector3D> other) {
        Vector3D from = one.get(one.size() - 1);
        for (Vector3D to : one) {
            double dx = to.getY() - from.getY();
            double dy = from.getX() - to.getX();
            if (dx != 0 || dy != 0) {
                double[] a = reach(one, dx, dy);
                double[] b = reach(other, dx, dy);
                if (a[1] <= b[0] || b[1] <= a[0]) {
                    return true;
                }
            }
            from = to;
        }
        return false;
    }

    private static double[] reach(List<Vector3D> outline, double dx, double dy) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Vector3D at : outline) {
            double along = at.getX() * dx + at.getY() * dy;
            least = Math.min(least, along);
            most = Math.max(most, along);
        }
        return new double[] {least, most};
    }
}
