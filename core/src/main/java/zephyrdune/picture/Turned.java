package zephyrdune.picture;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.table.Surface;

/**
 * A body of revolution round the z axis: cone and ring pieces from an outline of (radius, height) points.
 *
 * <p>Across the bends inside one curved stretch of the outline the normal is blended, so that a bowl shades smoothly.
 */
final class Turned implements Solid {

    private final int pieces;
    private final double[] radius;
    private final double[] height;
    private final double[] normalOut;
    private final double[] normalUp;
    private final Surface[] surface;
    private final double boundMiddle;
    private final double boundSquared;

    private Turned(Outline outline) {
        pieces = outline.surfaces.size();
        radius = new double[2 * pieces];
        height = new double[2 * pieces];
        normalOut = new double[2 * pieces];
        normalUp = new double[2 * pieces];
        surface = outline.surfaces.toArray(Surface[]::new);
        double top = 0;
        double widest = 0;
        for (int i = 0; i < pieces; i++) {
            double[] ends = outline.ends.get(i);
            radius[2 * i] = ends[0];
            height[2 * i] = ends[1];
            radius[2 * i + 1] = ends[2];
            height[2 * i + 1] = ends[3];
            top = Math.max(top, Math.max(ends[1], ends[3]));
            widest = Math.max(widest, Math.max(ends[0], ends[2]));
        }
        for (int i = 0; i < pieces; i++) {
            setNormal(i, 2 * i, outline.smooth.get(i) ? i - 1 : i);
            setNormal(i, 2 * i + 1, i + 1 < pieces && outline.smooth.get(i + 1) ? i + 1 : i);
        }
        boundMiddle = top / 2;
        boundSquared = widest * widest + boundMiddle * boundMiddle;
    }

    /** The normal at one end of a piece: its own, blended with that of the neighbour across a smooth bend. */
    private void setNormal(int piece, int end, int neighbour) {
        double out = height[2 * piece + 1] - height[2 * piece];
        double up = radius[2 * piece] - radius[2 * piece + 1];
        double otherOut = height[2 * neighbour + 1] - height[2 * neighbour];
        double otherUp = radius[2 * neighbour] - radius[2 * neighbour + 1];
        double own = Math.hypot(out, up);
        double other = Math.hypot(otherOut, otherUp);
        double sumOut = out / own + otherOut / other;
        double sumUp = up / own + otherUp / other;
        double sum = Math.hypot(sumOut, sumUp);
        normalOut[end] = sumOut / sum;
        normalUp[end] = sumUp / sum;
    }

    @Override
    public double boundMiddle() {
        return boundMiddle;
    }

    @Override
    public double boundRadius() {
        return Math.sqrt(boundSquared);
    }

    @Override
    public void meet(double ox, double oy, double oz, double dx, double dy, double dz, double nearest, Hit hit) {
        if (misses(ox, oy, oz, dx, dy, dz)) {
            return;
        }
        for (int i = 0; i < pieces; i++) {
            double t = distance(i, ox, oy, oz, dx, dy, dz, nearest, hit.distance);
            if (t < hit.distance) {
                double x = ox + t * dx;
                double y = oy + t * dy;
                double out = Math.sqrt(x * x + y * y);
                double share = share(i, out, oz + t * dz);
                double outward = normalOut[2 * i] + share * (normalOut[2 * i + 1] - normalOut[2 * i]);
                double upward = normalUp[2 * i] + share * (normalUp[2 * i + 1] - normalUp[2 * i]);
                double length = Math.sqrt(outward * outward + upward * upward);
                double perOut = out > 0 ? outward / out / length : 0;
                hit.take(t, x * perOut, y * perOut, upward / length, dx, dy, dz, surface[i]);
            }
        }
    }

    @Override
    public boolean blocks(
            double ox, double oy, double oz, double dx, double dy, double dz, double nearest, double farthest) {
        if (misses(ox, oy, oz, dx, dy, dz)) {
            return false;
        }
        for (int i = 0; i < pieces; i++) {
            if (distance(i, ox, oy, oz, dx, dy, dz, nearest, farthest) < farthest) {
                return true;
            }
        }
        return false;
    }

    /** Whether the ray passes by the sphere that holds the body. */
    private boolean misses(double ox, double oy, double oz, double dx, double dy, double dz) {
        double z = oz - boundMiddle;
        double along = -(ox * dx + oy * dy + z * dz);
        double squared = ox * ox + oy * oy + z * z;
        if (squared <= boundSquared) {
            return false;
        }
        return along < 0 || squared - along * along > boundSquared;
    }

    private double share(int piece, double out, double up) {
        double dr = radius[2 * piece + 1] - radius[2 * piece];
        double dh = height[2 * piece + 1] - height[2 * piece];
        return ((out - radius[2 * piece]) * dr + (up - height[2 * piece]) * dh) / (dr * dr + dh * dh);
    }

    /** Distance to one piece of the outline between the given bounds, or {@code farthest} when there is none. */
    private double distance(
            int piece,
            double ox,
            double oy,
            double oz,
            double dx,
            double dy,
            double dz,
            double nearest,
            double farthest) {
        double r0 = radius[2 * piece];
        double r1 = radius[2 * piece + 1];
        double h0 = height[2 * piece];
        double h1 = height[2 * piece + 1];
        if (h0 == h1) {
            double t = (h0 - oz) / dz;
            if (!(t > nearest && t < farthest)) {
                return farthest;
            }
            double x = ox + t * dx;
            double y = oy + t * dy;
            double squared = x * x + y * y;
            double inner = Math.min(r0, r1);
            double outer = Math.max(r0, r1);
            return squared >= inner * inner && squared <= outer * outer ? t : farthest;
        }
        // x² + y² = (r0 + k (z - h0))² along the ray
        double k = (r1 - r0) / (h1 - h0);
        double r = r0 + k * (oz - h0);
        double kd = k * dz;
        double a = dx * dx + dy * dy - kd * kd;
        double b = ox * dx + oy * dy - r * kd;
        double c = ox * ox + oy * oy - r * r;
        double discriminant = b * b - a * c;
        if (discriminant < 0) {
            return farthest;
        }
        double q = -(b + Math.copySign(Math.sqrt(discriminant), b));
        double first = q / a;
        double second = c / q;
        if (first > second) {
            double swap = first;
            first = second;
            second = swap;
        }
        double low = Math.min(h0, h1);
        double high = Math.max(h0, h1);
        if (first > nearest && first < farthest && onPiece(oz + first * dz, low, high)) {
            return first;
        }
        if (second > nearest && second < farthest && onPiece(oz + second * dz, low, high)) {
            return second;
        }
        return farthest;
    }

    private static boolean onPiece(double z, double low, double high) {
        return z >= low && z <= high;
    }

    /** An outline in the making, from the foot outwards and up, then inwards over the top to the axis. */
    static final class Outline {

        private final List<double[]> ends = new ArrayList<>();
        private final List<Boolean> smooth = new ArrayList<>();
        private final List<Surface> surfaces = new ArrayList<>();
        private double atRadius;
        private double atHeight;

        Outline(double radius, double height) {
            atRadius = radius;
            atHeight = height;
        }

        /** A straight piece after a sharp bend. */
        Outline to(double radius, double height, Surface of) {
            return piece(radius, height, of, false);
        }

        /** A straight piece that goes on a curve from the one before, if there is one. */
        Outline curveTo(double radius, double height, Surface of) {
            return piece(radius, height, of, !surfaces.isEmpty());
        }

        private Outline piece(double radius, double height, Surface of, boolean goesOn) {
            ends.add(new double[] {atRadius, atHeight, radius, height});
            smooth.add(goesOn);
            surfaces.add(of);
            atRadius = radius;
            atHeight = height;
            return this;
        }

        Turned turned() {
            return new Turned(this);
        }
    }
}
