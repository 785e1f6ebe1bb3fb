package zephyrdune.render.trace;

import java.util.List;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Outline;
import zephyrdune.render.body.Ball;
import zephyrdune.render.body.Bounds;
import zephyrdune.render.body.Facets;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;
import zephyrdune.render.material.Material;

/** A light's face as rays meet it; its normal points out of the lit side. */
final class FaceSolid implements Solid {

    private final EmittingFace face;
    private final Outline outline;
    private final double[] centre;
    private final double[] front;

    /** Scaled so that a point of the face has coordinates from -1 to 1. */
    private final double[] across;

    private final double[] up;
    private final Ball ball;

    FaceSolid(EmittingFace face) {
        this.face = face;
        outline = face.outline();
        centre = face.centre().toArray();
        front = face.front().toArray();
        across = face.acrossHalf().multiply(1 / face.acrossHalf().normSq()).toArray();
        up = face.upHalf().multiply(1 / face.upHalf().normSq()).toArray();
        ball = new Ball(
                centre[0],
                centre[1],
                centre[2],
                Math.hypot(face.acrossHalf().norm(), face.upHalf().norm()));
    }

    @Override
    public Ball ball() {
        return ball;
    }

    @Override
    public Bounds bounds() {
        double radius = ball.radius();
        return new Bounds(
                ball.x() - radius,
                ball.y() - radius,
                ball.z() - radius,
                ball.x() + radius,
                ball.y() + radius,
                ball.z() + radius);
    }

    @Override
    public List<Facets> facets(double scale) {
        return List.of(Facets.of(face));
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        double t = distance(ray, hit.distance);
        if (t < hit.distance) {
            hit.take(t, front[0], front[1], front[2], Material.BLACK);
        }
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        return distance(ray, farthest) < farthest;
    }

    /** Distance along a unit ray, or {@code farthest} when it is not met before. */
    double distance(Ray ray, double farthest) {
        double cx = centre[0] - ray.ox;
        double cy = centre[1] - ray.oy;
        double cz = centre[2] - ray.oz;
        double t = (cx * front[0] + cy * front[1] + cz * front[2])
                / (ray.dx * front[0] + ray.dy * front[1] + ray.dz * front[2]);
        if (!(t > Ray.NEAREST && t < farthest)) {
            return farthest;
        }
        return outline.holds(along(across, ray, t), along(up, ray, t)) ? t : farthest;
    }

    private double along(double[] axis, Ray ray, double t) {
        return (ray.ox + t * ray.dx - centre[0]) * axis[0]
                + (ray.oy + t * ray.dy - centre[1]) * axis[1]
                + (ray.oz + t * ray.dz - centre[2]) * axis[2];
    }

    /** Place of a point of the face, -1 to 1 each. */
    double across(double x, double y, double z) {
        return (x - centre[0]) * across[0] + (y - centre[1]) * across[1] + (z - centre[2]) * across[2];
    }

    double up(double x, double y, double z) {
        return (x - centre[0]) * up[0] + (y - centre[1]) * up[1] + (z - centre[2]) * up[2];
    }
}
