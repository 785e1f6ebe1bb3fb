package zephyrdune.render.body;

import java.util.Arrays;
import java.util.List;

/**
 * Several bodies as one; those whose box a ray passes by are skipped.
 *
 * @param boxes corners of the bodies' boxes, six numbers each
 */
record Group(List<Solid> pieces, Solid[] bodies, double[] boxes, Ball ball, Bounds bounds) implements Solid {

    static Group of(List<Solid> members) {
        Solid[] bodies = members.toArray(Solid[]::new);
        double[] boxes = new double[6 * bodies.length];
        Bounds all = bodies[0].bounds();
        for (int i = 0; i < bodies.length; i++) {
            Bounds one = bodies[i].bounds();
            double[] corners = {one.lowX(), one.lowY(), one.lowZ(), one.highX(), one.highY(), one.highZ()};
            System.arraycopy(corners, 0, boxes, 6 * i, 6);
            all = all.and(one);
        }
        return new Group(List.of(bodies), bodies, boxes, ball(bodies, all), all);
    }

    /** Round the middle of their box: as far out as the box or as their own balls reach, whichever is less. */
    private static Ball ball(Solid[] bodies, Bounds all) {
        double x = all.middle(0);
        double y = all.middle(1);
        double z = all.middle(2);
        double byBalls = 0;
        for (Solid body : bodies) {
            Ball one = body.ball();
            double dx = one.x() - x;
            double dy = one.y() - y;
            double dz = one.z() - z;
            byBalls = Math.max(byBalls, Math.sqrt(dx * dx + dy * dy + dz * dz) + one.radius());
        }
        double byBox = Math.sqrt(all.half(0) * all.half(0) + all.half(1) * all.half(1) + all.half(2) * all.half(2));
        return new Ball(x, y, z, Math.min(byBalls, byBox));
    }

    @Override
    public List<Facets> facets(double scale) {
        return Arrays.stream(bodies)
                .flatMap(body -> body.facets(scale).stream())
                .toList();
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        if (ball.misses(ray)) {
            return;
        }
        double perX = 1 / ray.dx;
        double perY = 1 / ray.dy;
        double perZ = 1 / ray.dz;
        for (int i = 0; i < bodies.length; i++) {
            if (enters(i, ray, perX, perY, perZ, hit.distance)) {
                bodies[i].meet(ray, hit);
            }
        }
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        if (ball.misses(ray)) {
            return false;
        }
        double perX = 1 / ray.dx;
        double perY = 1 / ray.dy;
        double perZ = 1 / ray.dz;
        for (int i = 0; i < bodies.length; i++) {
            if (enters(i, ray, perX, perY, perZ, farthest) && bodies[i].blocks(ray, farthest)) {
                return true;
            }
        }
        return false;
    }

    private boolean enters(int i, Ray ray, double perX, double perY, double perZ, double farthest) {
        double x0 = (boxes[6 * i] - ray.ox) * perX;
        double x1 = (boxes[6 * i + 3] - ray.ox) * perX;
        double y0 = (boxes[6 * i + 1] - ray.oy) * perY;
        double y1 = (boxes[6 * i + 4] - ray.oy) * perY;
        double z0 = (boxes[6 * i + 2] - ray.oz) * perZ;
        double z1 = (boxes[6 * i + 5] - ray.oz) * perZ;
        double enter = Math.max(Math.min(x0, x1), Math.max(Math.min(y0, y1), Math.min(z0, z1)));
        double leave = Math.min(Math.max(x0, x1), Math.min(Math.max(y0, y1), Math.max(z0, z1)));
        return !(enter > leave || leave < 0 || enter > farthest);
    }
}
