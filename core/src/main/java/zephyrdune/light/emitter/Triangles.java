package zephyrdune.light.emitter;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import zephyrdune.units.geometry.ConvexPolygon;

/** The part of a face inside a beam with straight edges, as triangles. */
final class Triangles implements SmoothPatches {

    /** Sides of a polygon with a disc's area. */
    private static final int DISC_SIDES = 96;

    /** Keeps rounding from leaving the beam. */
    private static final double WITHIN = 1 - 1e-9;

    private final double[] corners;

    /** @param inside numbers that are linear over the face and not negative inside the beam */
    Triangles(Outline outline, List<ToDoubleFunction<double[]>> inside) {
        double[] polygon = polygon(outline);
        for (ToDoubleFunction<double[]> side : inside) {
            double middle = side.applyAsDouble(new double[] {0, 0});
            double across = side.applyAsDouble(new double[] {1, 0}) - middle;
            double up = side.applyAsDouble(new double[] {0, 1}) - middle;
            polygon = ConvexPolygon.kept(polygon, middle, across, up);
        }
        corners = polygon;
    }

    private static double[] polygon(Outline outline) {
        int sides =
                switch (outline) {
                    case RECTANGLE -> 4;
                    case OCTAGON -> 8;
                    case DISC -> DISC_SIDES;
                };
        double step = 2 * Math.PI / sides;
        double radius = Math.sqrt(outline.area() / (sides / 2.0 * Math.sin(step)));
        double[] corners = new double[2 * sides];
        for (int i = 0; i < sides; i++) {
            corners[2 * i] = radius * Math.cos((i + 0.5) * step);
            corners[2 * i + 1] = radius * Math.sin((i + 0.5) * step);
        }
        return corners;
    }

    /** Bounds: across from, to, up from, to; from 1 to -1 where nothing is inside. */
    double[] bounds() {
        double[] bounds = {1, -1, 1, -1};
        for (int i = 0; i < corners.length; i += 2) {
            bounds[0] = Math.min(bounds[0], corners[i]);
            bounds[1] = Math.max(bounds[1], corners[i]);
            bounds[2] = Math.min(bounds[2], corners[i + 1]);
            bounds[3] = Math.max(bounds[3], corners[i + 1]);
        }
        return bounds;
    }

    @Override
    public Optional<double[]> polygon() {
        return Optional.of(corners);
    }

    @Override
    public int patches() {
        return Math.max(0, corners.length / 2 - 2);
    }

    /** From the first corner outwards by the first number, and sideways by the second. */
    @Override
    public double patch(int index, double s, double t, double[] into) {
        int b = 2 * (index + 1);
        int c = b + 2;
        double out = s * WITHIN;
        double toB = corners[b] - corners[0];
        double toBUp = corners[b + 1] - corners[1];
        into[0] = corners[0] + out * (toB + t * (corners[c] - corners[b]));
        into[1] = corners[1] + out * (toBUp + t * (corners[c + 1] - corners[b + 1]));
        return s * Math.abs(toB * (corners[c + 1] - corners[1]) - toBUp * (corners[c] - corners[0]));
    }
}
