package zephyrdune.render.trace;

import zephyrdune.render.body.Ball;
import zephyrdune.render.body.Bounds;
import zephyrdune.render.body.Ray;
import zephyrdune.units.sampling.Turn;

/**
 * Rays from a surface towards the clear bodies of a scene, spread evenly over the balls that hold them: to find what glass gathers. Works in
 * place; used by one thread.
 */
final class GlassAim {

    /** Dimensions of sample numbers, far from a vertex's others: which body, and where to. */
    private static final int WHICH = 1 << 12;

    private static final int TOWARDS = WHICH + 1;

    private final Ball[] balls;
    private final Bounds[] boxes;
    private final Basis axes = new Basis();
    private final double[] way = new double[3];

    private GlassAim(SolidArray clear) {
        balls = new Ball[clear.solids.length];
        boxes = new Bounds[clear.solids.length];
        for (int i = 0; i < balls.length; i++) {
            balls[i] = clear.solids[i].ball();
            boxes[i] = clear.solids[i].bounds();
        }
    }

    /** For a scene; null where no glass is, the light is a lit wall, or light by way of anything else is not followed at all. */
    static GlassAim of(Scene scene, SampleBudget budget) {
        boolean none = scene.clear.solids.length == 0 || scene.lights.keyOnWall() || budget.reflections() == 0;
        return none ? null : new GlassAim(scene.clear);
    }

    /**
     * Whether light that glass bends is followed to a vertex. Not after a reflection, nor inside a clear body or what stands in it: there it
     * comes straight through, and dimmed.
     */
    boolean gathersAt(PathVertex at) {
        return at.reflections == 0 && gathersAt(at.x, at.y, at.z);
    }

    boolean gathersAt(double x, double y, double z) {
        for (Bounds box : boxes) {
            if (box.drumHolds(x, y, z)) {
                return false;
            }
        }
        return true;
    }

    /** Sets a ray from a matte vertex towards one of the bodies; false where its ball holds the vertex, or the ray runs below the surface. */
    boolean aim(PathVertex at, Ray ray, Sampler numbers, int index) {
        double which = numbers.single(at.dimension + WHICH, index);
        numbers.at(at.dimension + TOWARDS, index);
        return towards(balls[(int) (which * balls.length)], at, numbers.first, numbers.second, ray)
                && at.faces(ray.dx, ray.dy, ray.dz)
                && at.above(ray.dx, ray.dy, ray.dz) > 0;
    }

    private boolean towards(Ball ball, PathVertex at, double s, double t, Ray ray) {
        double cosine = cosine(ball, at);
        if (cosine < 0) {
            return false;
        }
        double x = ball.x() - at.x;
        double y = ball.y() - at.y;
        double z = ball.z() - at.z;
        double length = Math.sqrt(x * x + y * y + z * z);
        axes.round(x / length, y / length, z / length);
        double along = 1 - s * (1 - cosine);
        double out = Math.sqrt(Math.max(0, 1 - along * along));
        way[0] = out * Turn.cosine(t);
        way[1] = out * Turn.sine(t);
        way[2] = along;
        axes.outOf(way);
        ray.set(at.x, at.y, at.z, way[0], way[1], way[2]);
        return true;
    }

    /**
     * What the key counts for along a direction that was picked either as likely as its cosine or by {@link #aim}, over what a ray as likely as
     * the cosine brings: both ways are weighed by the balance heuristic.
     */
    double share(PathVertex at, double cosine, Ray ray) {
        double evenly = cosine / Math.PI;
        return evenly / (evenly + pdf(at, ray.dx, ray.dy, ray.dz));
    }

    /** How likely {@link #aim} sets a ray from a vertex along a direction, per steradian. */
    private double pdf(PathVertex at, double dx, double dy, double dz) {
        double sum = 0;
        for (Ball ball : balls) {
            double cosine = cosine(ball, at);
            double x = ball.x() - at.x;
            double y = ball.y() - at.y;
            double z = ball.z() - at.z;
            if (cosine >= 0 && x * dx + y * dy + z * dz >= cosine * Math.sqrt(x * x + y * y + z * z)) {
                sum += 1 / (2 * Math.PI * (1 - cosine));
            }
        }
        return sum / balls.length;
    }

    /** Cosine of the half angle under which a vertex sees a ball; below zero where the ball holds it. */
    private static double cosine(Ball ball, PathVertex at) {
        double x = ball.x() - at.x;
        double y = ball.y() - at.y;
        double z = ball.z() - at.z;
        double sine = ball.radius() * ball.radius() / (x * x + y * y + z * z);
        return sine < 1 ? Math.sqrt(1 - sine) : -1;
    }
}
