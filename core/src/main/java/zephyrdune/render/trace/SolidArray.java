package zephyrdune.render.trace;

import zephyrdune.render.body.Ball;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;

/** Solids laid out flat with the balls that bound them, so that what cannot matter is passed over quickly. */
final class SolidArray {

    final Solid[] solids;
    private final int[] owners;

    /** Middle and squared radius of each ball. */
    private final double[] balls;

    private final double[] tops;

    SolidArray(SolidList list) {
        solids = list.solids.toArray(Solid[]::new);
        owners = list.owners();
        balls = new double[4 * solids.length];
        tops = new double[solids.length];
        for (int i = 0; i < solids.length; i++) {
            Ball ball = solids[i].ball();
            balls[4 * i] = ball.x();
            balls[4 * i + 1] = ball.y();
            balls[4 * i + 2] = ball.z();
            balls[4 * i + 3] = ball.radius() * ball.radius();
            tops[i] = solids[i].bounds().highZ();
        }
    }

    int owner(int i) {
        return owners[i];
    }

    /** Whether a ray misses the ball of one. */
    boolean misses(Ray ray, int i) {
        double cx = balls[4 * i] - ray.ox;
        double cy = balls[4 * i + 1] - ray.oy;
        double cz = balls[4 * i + 2] - ray.oz;
        double squared = cx * cx + cy * cy + cz * cz - balls[4 * i + 3];
        if (squared <= 0) {
            return false;
        }
        double along = cx * ray.dx + cy * ray.dy + cz * ray.dz;
        return along <= 0 || squared > along * along;
    }

    /**
     * Whether it may stand between a place and another ball (the shaft of E. A. Haines and J. R. Wallace, 1991, with balls for its
     * ends).
     *
     * @param fx from the place to the middle of the other ball; fy and fz likewise, far all of it
     * @param radius of the other ball
     */
    boolean between(int i, double x, double y, double z, double fx, double fy, double fz, double far, double radius) {
        double bx = balls[4 * i] - x;
        double by = balls[4 * i + 1] - y;
        double bz = balls[4 * i + 2] - z;
        double squared = bx * bx + by * by + bz * bz;
        double radiusSquared = balls[4 * i + 3];
        if (squared <= radiusSquared || far <= radius) {
            return true;
        }
        double along = bx * fx + by * fy + bz * fz;
        // cosine of the angle between the middles against that of the sum of the two balls' half angles
        double cosine = Math.sqrt((1 - radiusSquared / squared) * (1 - radius * radius / (far * far)))
                - Math.sqrt(radiusSquared / squared) * radius / far;
        return along > cosine * far * Math.sqrt(squared);
    }

    /** Whether light that comes down at least so steeply passes over one on its way to a place. */
    boolean underneath(int i, double x, double y, double z, double slope) {
        double bx = balls[4 * i] - x;
        double by = balls[4 * i + 1] - y;
        double over = tops[i] - z;
        double away = Math.sqrt(bx * bx + by * by);
        double nearest = away - Math.sqrt(balls[4 * i + 3]);
        return slope > 0 && nearest > 0 && nearest * slope > over;
    }
}
