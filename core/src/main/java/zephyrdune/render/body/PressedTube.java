package zephyrdune.render.body;

import java.util.List;
import zephyrdune.render.material.Material;
import zephyrdune.units.geometry.Bisection;

/**
 * An upright tube that is round at its foot, z = 0, and pressed flat at its end, z = 1: ovals whose two half axes change evenly with height.
 * Where a ray meets it is looked for by steps and halving, from either side of the plane in which it is flat, so that its thin end is found.
 */
final class PressedTube implements Solid {

    /** Steps in which a ray's way on each side of the plane y = 0 is looked at. */
    private static final int STEPS = 12;

    private static final double WITHIN = 1e-12;

    /** Half of the printed field's width, as a share of the half width. */
    private static final double FIELD = 0.6;

    private final double radius;
    private final double halfWidth;
    private final double halfDepth;
    private final double fieldFrom;
    private final double fieldTo;
    private final Material skin;
    private final Material field;

    /**
     * @param radius of the foot
     * @param halfWidth of the end, along x
     * @param halfDepth of the end, along y
     * @param fieldHeight of the printed field in the middle of the front, towards -y; 0 for none
     */
    PressedTube(double radius, double halfWidth, double halfDepth, double fieldHeight, Material skin, Material field) {
        this.radius = radius;
        this.halfWidth = halfWidth;
        this.halfDepth = halfDepth;
        fieldFrom = (1 - fieldHeight) / 2;
        fieldTo = (1 + fieldHeight) / 2;
        this.skin = skin;
        this.field = field;
    }

    @Override
    public Ball ball() {
        double widest = Math.max(radius, halfWidth);
        return new Ball(0, 0, 0.5, Math.sqrt(0.25 + widest * widest));
    }

    @Override
    public Bounds bounds() {
        double widest = Math.max(radius, halfWidth);
        double deepest = Math.max(radius, halfDepth);
        return new Bounds(-widest, -deepest, 0, widest, deepest, 1);
    }

    /** The printed field is drawn as one with the skin: its edges lie between the steps. */
    @Override
    public List<Facets> facets(double scale) {
        int round = 2 * Facets.round(scale * Math.max(radius, halfWidth));
        return List.of(Facets.of(round, round / 4, skin, (u, v, place, normal) -> {
            double x = wide(v) * Math.cos(2 * Math.PI * u);
            double y = deep(v) * Math.sin(2 * Math.PI * u);
            place[0] = x;
            place[1] = y;
            place[2] = v;
            gradient(x, y, v, normal);
        }));
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        double t = distance(ray, hit.distance);
        if (t < hit.distance) {
            double x = ray.ox + t * ray.dx;
            double y = ray.oy + t * ray.dy;
            double z = ray.oz + t * ray.dz;
            double[] out = new double[3];
            gradient(x, y, z, out);
            double length = Math.sqrt(out[0] * out[0] + out[1] * out[1] + out[2] * out[2]);
            boolean printed = y < 0 && Math.abs(x) < FIELD * wide(z) && z > fieldFrom && z < fieldTo;
            hit.take(t, out[0] / length, out[1] / length, out[2] / length, printed ? field : skin);
        }
    }

    /** Out of the tube at a place on it, of any length. */
    private void gradient(double x, double y, double z, double[] out) {
        double wide = wide(z);
        double deep = deep(z);
        out[0] = x / (wide * wide);
        out[1] = y / (deep * deep);
        out[2] = -x * x * (halfWidth - radius) / (wide * wide * wide)
                - y * y * (halfDepth - radius) / (deep * deep * deep);
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        return distance(ray, farthest) < farthest;
    }

    private double wide(double z) {
        return radius + z * (halfWidth - radius);
    }

    private double deep(double z) {
        return radius + z * (halfDepth - radius);
    }

    /** Less than 0 inside. */
    private double outside(Ray ray, double t) {
        double x = ray.ox + t * ray.dx;
        double y = ray.oy + t * ray.dy;
        double z = ray.oz + t * ray.dz;
        double across = x * deep(z);
        double through = y * wide(z);
        double all = wide(z) * deep(z);
        return across * across + through * through - all * all;
    }

    private double distance(Ray ray, double farthest) {
        Bounds box = bounds();
        double from = Ray.NEAREST;
        double to = farthest;
        double[] origin = {ray.ox, ray.oy, ray.oz};
        double[] way = {ray.dx, ray.dy, ray.dz};
        for (int axis = 0; axis < 3; axis++) {
            double first = (box.middle(axis) - box.half(axis) - origin[axis]) / way[axis];
            double last = (box.middle(axis) + box.half(axis) - origin[axis]) / way[axis];
            from = Math.max(from, Math.min(first, last));
            to = Math.min(to, Math.max(first, last));
        }
        if (!(from < to)) {
            return farthest;
        }
        double middle = ray.dy == 0 ? to : Math.max(from, Math.min(to, -ray.oy / ray.dy));
        double near = crossing(ray, from, middle);
        double found = Double.isNaN(near) ? crossing(ray, middle, to) : near;
        return Double.isNaN(found) ? farthest : found;
    }

    /** The first crossing between two distances, or not a number. */
    private double crossing(Ray ray, double from, double to) {
        double before = from;
        boolean inside = outside(ray, from) < 0;
        for (int step = 1; step <= STEPS && from < to; step++) {
            double now = from + (to - from) * step / STEPS;
            if (outside(ray, now) < 0 != inside) {
                return Bisection.of(before, now, WITHIN * now + WITHIN, t -> outside(ray, t) < 0 == inside)
                        .fails();
            }
            before = now;
        }
        return Double.NaN;
    }
}
