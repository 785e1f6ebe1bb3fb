package zephyrdune.render.body;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import zephyrdune.render.material.Material;

/**
 * A body of revolution round the z axis: cone and ring pieces from an outline of (radius, height) points.
 *
 * <p>Across the bends inside one curved stretch of the outline the normal is blended, so that a bowl shades smoothly.
 */
final class SurfaceOfRevolution implements Solid {

    /** Room for rounding where misses are told quickly. */
    private static final double SLACK = 1 + 1e-9;

    /** Added to a run's heights, so that level pieces have some, metres. */
    private static final double FLAT = 1e-9;

    /** Share of the way to seen from the side that a flute turns its normal at most. */
    private static final double NEARLY_TURNED = 0.9;

    private static final double NEGATIVE = -1e12;
    private static final double POSITIVE = 1e12;

    /** Pieces that are told to be missed together. */
    private static final int RUN = 5;

    private final int pieces;

    /** Least and greatest height and radius of every run of pieces. */
    private final double[] runs;

    private final double[] radius;
    private final double[] height;
    private final double[] normalOut;
    private final double[] normalUp;
    private final Material[] material;
    private final Ball ball;
    private final int flutes;
    private final double fluteDepth;

    /** Least cosine, seen from above, between a place and -y; -1 for all round. */
    private final double facing;

    SurfaceOfRevolution(Meridian outline) {
        pieces = outline.materials.size();
        radius = new double[2 * pieces];
        height = new double[2 * pieces];
        normalOut = new double[2 * pieces];
        normalUp = new double[2 * pieces];
        material = outline.materials.toArray(Material[]::new);
        double top = Double.NEGATIVE_INFINITY;
        double foot = Double.POSITIVE_INFINITY;
        double widest = 0;
        for (int i = 0; i < pieces; i++) {
            double[] ends = outline.ends.get(i);
            radius[2 * i] = ends[0];
            height[2 * i] = ends[1];
            radius[2 * i + 1] = ends[2];
            height[2 * i + 1] = ends[3];
            top = Math.max(top, Math.max(ends[1], ends[3]));
            foot = Math.min(foot, Math.min(ends[1], ends[3]));
            widest = Math.max(widest, Math.max(ends[0], ends[2]));
        }
        for (int i = 0; i < pieces; i++) {
            setNormal(i, 2 * i, outline.smooth.get(i) ? i - 1 : i);
            setNormal(i, 2 * i + 1, i + 1 < pieces && outline.smooth.get(i + 1) ? i + 1 : i);
        }
        ball = new Ball(0, 0, (top + foot) / 2, Math.hypot(widest, (top - foot) / 2));
        runs = runs();
        flutes = outline.flutes;
        fluteDepth = outline.fluteDepth;
        facing = outline.facing;
    }

    private double[] runs() {
        double[] found = new double[4 * ((pieces + RUN - 1) / RUN)];
        for (int run = 0; 4 * run < found.length; run++) {
            int from = 2 * run * RUN;
            int to = Math.min(2 * pieces, from + 2 * RUN);
            found[4 * run] = Arrays.stream(height, from, to).min().orElseThrow() - FLAT;
            found[4 * run + 1] = Arrays.stream(height, from, to).max().orElseThrow() + FLAT;
            found[4 * run + 2] = Arrays.stream(radius, from, to).min().orElseThrow();
            found[4 * run + 3] = Arrays.stream(radius, from, to).max().orElseThrow();
        }
        return found;
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
    public Ball ball() {
        return ball;
    }

    @Override
    public Bounds bounds() {
        double widest = Arrays.stream(radius).max().orElseThrow();
        double low = Arrays.stream(height).min().orElseThrow();
        double high = Arrays.stream(height).max().orElseThrow();
        return new Bounds(-widest, -widest, low, widest, widest, high);
    }

    /** Flutes are in the normals alone, and left out. */
    @Override
    public List<Facets> facets(double scale) {
        double widest = Arrays.stream(radius).max().orElseThrow();
        double half = facing <= -1 ? Math.PI : Math.acos(facing);
        int round = (int) Math.max(2, Math.ceil(Facets.round(scale * widest) * half / Math.PI));
        return IntStream.range(0, pieces)
                .filter(piece -> radius[2 * piece] > 0 || radius[2 * piece + 1] > 0)
                .mapToObj(piece -> Facets.of(round, 1, material[piece], (u, v, place, normal) -> {
                    double around = -Math.PI / 2 + half * (2 * u - 1);
                    int end = 2 * piece + (v > 0 ? 1 : 0);
                    place[0] = radius[end] * Math.cos(around);
                    place[1] = radius[end] * Math.sin(around);
                    place[2] = height[end];
                    normal[0] = normalOut[end] * Math.cos(around);
                    normal[1] = normalOut[end] * Math.sin(around);
                    normal[2] = normalUp[end];
                }))
                .toList();
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        if (ball.misses(ray)) {
            return;
        }
        ray.survey();
        int met = -1;
        double nearest = hit.distance;
        for (int run = 0; run * RUN < pieces; run++) {
            if (!passesRun(run, ray)) {
                for (int i = run * RUN; i < Math.min(pieces, (run + 1) * RUN); i++) {
                    double t = distance(i, ray, nearest);
                    if (t < nearest) {
                        nearest = t;
                        met = i;
                    }
                }
            }
        }
        if (met >= 0) {
            take(met, nearest, ray, hit);
        }
    }

    private void take(int piece, double t, Ray ray, Hit hit) {
        double x = ray.ox + t * ray.dx;
        double y = ray.oy + t * ray.dy;
        double out = Math.sqrt(x * x + y * y);
        double share = share(piece, out, ray.oz + t * ray.dz);
        double outward = normalOut[2 * piece] + share * (normalOut[2 * piece + 1] - normalOut[2 * piece]);
        double upward = normalUp[2 * piece] + share * (normalUp[2 * piece + 1] - normalUp[2 * piece]);
        double ux = out > 0 ? x / out : 1;
        double uy = out > 0 ? y / out : 0;
        double level = ux * ray.dx + uy * ray.dy;
        double flatOut = height[2 * piece + 1] - height[2 * piece];
        double flatUp = radius[2 * piece] - radius[2 * piece + 1];
        // neither a blended normal nor a flute's must say that the ray comes from the other side
        if ((flatOut * level + flatUp * ray.dz) * (outward * level + upward * ray.dz) <= 0) {
            outward = flatOut;
            upward = flatUp;
        }
        double sideways = 0;
        if (flutes > 0 && outward > 0.2) {
            double facing = outward * level + upward * ray.dz;
            double across = ux * ray.dy - uy * ray.dx;
            sideways = fluteDepth * outward * Math.sin(flutes * Math.atan2(y, x));
            if (facing * (facing + sideways * across) <= 0) {
                sideways = -NEARLY_TURNED * facing / across;
            }
        }
        double length = Math.sqrt(outward * outward + upward * upward + sideways * sideways);
        hit.take(
                t,
                (ux * outward - uy * sideways) / length,
                (uy * outward + ux * sideways) / length,
                upward / length,
                material[piece]);
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        if (ball.misses(ray)) {
            return false;
        }
        ray.survey();
        for (int run = 0; run * RUN < pieces; run++) {
            if (!passesRun(run, ray)) {
                for (int i = run * RUN; i < Math.min(pieces, (run + 1) * RUN); i++) {
                    if (distance(i, ray, farthest) < farthest) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private double share(int piece, double out, double up) {
        double dr = radius[2 * piece + 1] - radius[2 * piece];
        double dh = height[2 * piece + 1] - height[2 * piece];
        return ((out - radius[2 * piece]) * dr + (up - height[2 * piece]) * dh) / (dr * dr + dh * dh);
    }

    /** Distance to one piece of the outline, or {@code farthest} when there is none before. */
    private double distance(int piece, Ray ray, double farthest) {
        double r0 = radius[2 * piece];
        double r1 = radius[2 * piece + 1];
        double h0 = height[2 * piece];
        double h1 = height[2 * piece + 1];
        if (h0 == h1) {
            return flat(r0, r1, (h0 - ray.oz) / ray.dz, ray, farthest);
        }
        if (passesBy(h0, h1, Math.min(r0, r1), Math.max(r0, r1), ray)) {
            return farthest;
        }
        // x² + y² = (r0 + k (z - h0))² along the ray
        double k = (r1 - r0) / (h1 - h0);
        double r = r0 + k * (ray.oz - h0);
        double kd = k * ray.dz;
        double a = ray.dx * ray.dx + ray.dy * ray.dy - kd * kd;
        double b = ray.ox * ray.dx + ray.oy * ray.dy - r * kd;
        double c = ray.ox * ray.ox + ray.oy * ray.oy - r * r;
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
        if (first > Ray.NEAREST && first < farthest && onPiece(ray, first, low, high)) {
            return first;
        }
        if (second > Ray.NEAREST && second < farthest && onPiece(ray, second, low, high)) {
            return second;
        }
        return farthest;
    }

    private double flat(double r0, double r1, double t, Ray ray, double farthest) {
        if (!(t > Ray.NEAREST && t < farthest)) {
            return farthest;
        }
        double x = ray.ox + t * ray.dx;
        double y = ray.oy + t * ray.dy;
        double squared = x * x + y * y;
        double inner = Math.min(r0, r1);
        double outer = Math.max(r0, r1);
        return squared >= inner * inner && squared <= outer * outer && faces(x, y) ? t : farthest;
    }

    /**
     * Whether the ray, while between two heights, stays outside of one radius or inside of another; a quick way to tell most
     * misses.
     */
    private static boolean passesBy(double low, double high, double inner, double outer, Ray ray) {
        double first = (low - ray.oz) * ray.perZ();
        double last = (high - ray.oz) * ray.perZ();
        double from = Math.min(first, last);
        double to = Math.max(first, last);
        if (to < 0) {
            return true;
        }
        if (!(from > NEGATIVE && to < POSITIVE)) {
            return false;
        }
        double a = ray.levelSquared();
        double b = ray.levelApproach();
        double c = ray.levelAway();
        double nearest = Math.max(from, Math.min(to, -b / a));
        double least = (a * nearest + 2 * b) * nearest + c;
        if (least > outer * outer * SLACK) {
            return true;
        }
        double most = Math.max((a * from + 2 * b) * from, (a * to + 2 * b) * to) + c;
        return most * SLACK < inner * inner;
    }

    /** Whether the ray passes a run of pieces by. */
    private boolean passesRun(int run, Ray ray) {
        return passesBy(runs[4 * run], runs[4 * run + 1], runs[4 * run + 2], runs[4 * run + 3], ray);
    }

    private boolean onPiece(Ray ray, double t, double low, double high) {
        double z = ray.oz + t * ray.dz;
        if (!(z >= low && z <= high)) {
            return false;
        }
        return facing <= -1 || faces(ray.ox + t * ray.dx, ray.oy + t * ray.dy);
    }

    /** Whether a place is on the part that there is. */
    private boolean faces(double x, double y) {
        return facing <= -1 || -y >= facing * Math.sqrt(x * x + y * y);
    }
}
