package zephyrdune.light.emitter;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * The part of a face inside a beam with straight edges, as triangles (cut by I. E. Sutherland, G. W. Hodgman, Reentrant polygon
 * clipping, CACM 17, 1974).
 */
final class Triangles implements SmoothPatches {

    /** Sides of a polygon with a disc's area. */
    private static final int DISC_SIDES = 96;

    /** Keeps rounding from leaving the beam. */
    private static final double WITHIN = 1 - 1e-9;

    private final List<double[]> corners;

    /** @param inside numbers that are linear over the face and not negative inside the beam */
    Triangles(Outline outline, List<ToDoubleFunction<double[]>> inside) {
        List<double[]> polygon = polygon(outline);
        for (ToDoubleFunction<double[]> side : inside) {
            polygon = cut(polygon, side);
        }
        corners = polygon;
    }

    private static List<double[]> polygon(Outline outline) {
        int sides =
                switch (outline) {
                    case RECTANGLE -> 4;
                    case OCTAGON -> 8;
                    case DISC -> DISC_SIDES;
                };
        double step = 2 * Math.PI / sides;
        double radius = Math.sqrt(outline.area() / (sides / 2.0 * Math.sin(step)));
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < sides; i++) {
            points.add(new double[] {radius * Math.cos((i + 0.5) * step), radius * Math.sin((i + 0.5) * step)});
        }
        return points;
    }

    private static List<double[]> cut(List<double[]> polygon, ToDoubleFunction<double[]> side) {
        List<double[]> kept = new ArrayList<>();
        for (int i = 0; i < polygon.size(); i++) {
            double[] before = polygon.get(i == 0 ? polygon.size() - 1 : i - 1);
            double[] point = polygon.get(i);
            double from = side.applyAsDouble(before);
            double to = side.applyAsDouble(point);
            if (from < 0 != to < 0) {
                double share = from / (from - to);
                kept.add(new double[] {
                    before[0] + share * (point[0] - before[0]), before[1] + share * (point[1] - before[1])
                });
            }
            if (to >= 0) {
                kept.add(point);
            }
        }
        return kept;
    }

    /** Bounds: across from, to, up from, to; from 1 to -1 where nothing is inside. */
    double[] bounds() {
        double[] bounds = {1, -1, 1, -1};
        for (double[] corner : corners) {
            bounds[0] = Math.min(bounds[0], corner[0]);
            bounds[1] = Math.max(bounds[1], corner[0]);
            bounds[2] = Math.min(bounds[2], corner[1]);
            bounds[3] = Math.max(bounds[3], corner[1]);
        }
        return bounds;
    }

    @Override
    public int patches() {
        return Math.max(0, corners.size() - 2);
    }

    /** From the first corner outwards by the first number, and sideways by the second. */
    @Override
    public double patch(int index, double s, double t, double[] into) {
        double[] a = corners.get(0);
        double[] b = corners.get(index + 1);
        double[] c = corners.get(index + 2);
        double out = s * WITHIN;
        into[0] = a[0] + out * (b[0] - a[0] + t * (c[0] - b[0]));
        into[1] = a[1] + out * (b[1] - a[1] + t * (c[1] - b[1]));
        return s * Math.abs((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]));
    }
}
