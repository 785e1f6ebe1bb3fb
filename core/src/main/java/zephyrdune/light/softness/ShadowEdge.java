package zephyrdune.light.softness;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.solvers.BrentSolver;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Outline;
import zephyrdune.light.illuminance.ContourFormula;
import zephyrdune.light.illuminance.PassedShare;

/**
 * The soft edge that a straight opaque edge throws on a flat surface of any slant, along a line on that surface.
 *
 * <p>A point q of the face and the straight edge span a plane, and it meets the line at {@code s = -(q - e) . ((o - e) x t)
 * / ((q - e) . (d x t))}, with e on the edge, t along it, and the line at o + s d. The soft edge lies between the least
 * and the greatest of these over the face. For a face of size s square to the ray, a before the edge and b from the edge
 * to the surface, that is s b / a, divided by the sine of the angle of the ray with the surface (similar triangles).
 */
public final class ShadowEdge {

    /** Sides of the polygon that stands for a disc whose light is partly cut off. */
    private static final int DISC_SIDES = 96;

    /** Points of a face that is not even, of those that send light to the edge: the widths are right to about a percent. */
    private static final int SAMPLES = 1024;

    /** A narrow beam reaches a place from few points of its face: then more are taken, up to so many. */
    private static final int MOST_SAMPLES = 32_768;

    /** Steps along the edge in which it is looked for where it is neither dark nor open. */
    private static final int STEPS = 64;

    private static final double TENTH = 0.1;

    private final EmittingFace face;
    private final Vector3D onEdge;
    private final Vector3D along;
    private final Vector3D origin;
    private final Vector3D direction;
    private final Vector3D normal;
    private final Vector3D upper;
    private final Vector3D lower;

    /** Points of an uneven face, once they are asked for: a width needs none. */
    private PassedShare samples;

    /**
     * @param onEdge a point of the edge, metres
     * @param along the edge, a unit vector
     * @param origin a point of the surface, metres
     * @param direction of the line on the surface, pointing out of the shadow, a unit vector
     * @param normal of the surface, a unit vector
     */
    public ShadowEdge(
            EmittingFace face, Vector3D onEdge, Vector3D along, Vector3D origin, Vector3D direction, Vector3D normal) {
        this.face = face;
        this.onEdge = onEdge;
        this.along = along;
        this.origin = origin;
        this.direction = direction;
        this.normal = normal;
        upper = origin.subtract(onEdge).cross(along);
        lower = direction.cross(along);
    }

    private PassedShare samples() {
        if (samples == null) {
            int count = SAMPLES;
            samples = PassedShare.of(face, count);
            while (count < MOST_SAMPLES && samples.acting(origin, normal) < SAMPLES / 2) {
                count *= 2;
                samples = PassedShare.of(face, count);
            }
        }
        return samples;
    }

    /** Of the line on the surface that it is measured along, out of the shadow. */
    public Vector3D direction() {
        return direction;
    }

    /** Where the plane through a point and the edge meets the line, metres along it; infinite or behind when it does not. */
    public double meets(Vector3D point) {
        Vector3D q = point.subtract(onEdge);
        return -q.dot(upper) / q.dot(lower);
    }

    /** Both ends of the soft edge along the line, metres; infinite when part of the face never lights the line's end. */
    public double[] ends() {
        return ends(face);
    }

    private double[] ends(EmittingFace face) {
        // over the face both parts of the fraction are linear in across and up
        double[] over = parts(face, upper);
        double[] under = parts(face, lower);
        double lift = under[0];
        double swing = face.outline() == Outline.DISC
                ? Math.hypot(under[1], under[2])
                : face.corners(0).stream()
                        .mapToDouble(corner ->
                                Math.abs(corner.subtract(face.centre()).dot(lower)))
                        .max()
                        .orElseThrow();
        if (Math.abs(lift) <= swing) {
            return new double[] {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY};
        }
        return face.outline() == Outline.DISC ? tangents(over, under) : extremes(face);
    }

    private double[] parts(EmittingFace face, Vector3D with) {
        return new double[] {
            face.centre().subtract(onEdge).dot(with),
            face.acrossHalf().dot(with),
            face.upHalf().dot(with)
        };
    }

    private double[] extremes(EmittingFace face) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Vector3D corner : face.corners(0)) {
            double at = meets(corner);
            least = Math.min(least, at);
            most = Math.max(most, at);
        }
        return new double[] {least, most};
    }

    /** The planes that touch the disc: (o1 + s u1)² + (o2 + s u2)² = (o0 + s u0)². */
    private static double[] tangents(double[] over, double[] under) {
        double a = under[1] * under[1] + under[2] * under[2] - under[0] * under[0];
        double b = over[1] * under[1] + over[2] * under[2] - over[0] * under[0];
        double c = over[1] * over[1] + over[2] * over[2] - over[0] * over[0];
        double root = Math.sqrt(Math.max(0, b * b - a * c));
        double one = (-b - root) / a;
        double other = (-b + root) / a;
        return new double[] {Math.min(one, other), Math.max(one, other)};
    }

    /** From one end of the soft edge to the other, by the part of the face that acts, metres. */
    public double width() {
        double[] ends = ends(face.acting());
        return ends[1] - ends[0];
    }

    /** Share of the face's light, 0 to 1, that passes the edge to a place on the line; no number where none comes even without it. */
    public double open(double at) {
        Vector3D point = origin.add(direction.multiply(at));
        // points of the face whose own shadow edge lies behind this place have come into view
        double side = Math.signum(face.centre().subtract(onEdge).dot(lower));
        Vector3D opening = point.subtract(onEdge).cross(along).multiply(side);
        if (!face.uniform()) {
            return samples().at(point, normal, opening);
        }
        List<Vector3D> corners = face.corners(DISC_SIDES);
        double all = ContourFormula.ofPart(face, corners).at(point, normal);
        return all > 0
                ? ContourFormula.ofPart(face, kept(corners, point, opening)).at(point, normal) / all
                : Double.NaN;
    }

    private static List<Vector3D> kept(List<Vector3D> corners, Vector3D point, Vector3D opening) {
        List<Vector3D> kept = new ArrayList<>();
        Vector3D before = corners.get(corners.size() - 1);
        double beforeHeight = before.subtract(point).dot(opening);
        for (Vector3D corner : corners) {
            double height = corner.subtract(point).dot(opening);
            if (beforeHeight > 0 != height > 0) {
                kept.add(before.lerp(corner, beforeHeight / (beforeHeight - height)));
            }
            if (height > 0) {
                kept.add(corner);
            }
            before = corner;
            beforeHeight = height;
        }
        return kept;
    }

    /**
     * Distance along the line between a tenth and nine tenths of the open light, metres. Infinite when part of the face never lights the
     * line's end; absent when the beam is so narrow that one side of the edge would be dark without what throws it.
     */
    public OptionalDouble tenToNinety() {
        double[] ends = ends();
        if (!Double.isFinite(ends[1] - ends[0])) {
            return OptionalDouble.of(Double.POSITIVE_INFINITY);
        }
        double[] whole = open(1, ends);
        boolean crossed = whole[0] <= TENTH && whole[1] >= 1 - TENTH;
        double[] shares = crossed ? whole : open(STEPS, ends);
        OptionalDouble high = place(1 - TENTH, shares, ends);
        OptionalDouble low = place(TENTH, shares, ends);
        return high.isPresent() && low.isPresent()
                ? OptionalDouble.of(high.getAsDouble() - low.getAsDouble())
                : OptionalDouble.empty();
    }

    /** What is open at the ends of so many equal steps. */
    private double[] open(int steps, double[] ends) {
        double[] shares = new double[steps + 1];
        for (int i = 0; i <= steps; i++) {
            shares[i] = open(at(i, steps, ends));
        }
        return shares;
    }

    /** The end of a step; the first and the last just beyond the soft edge. */
    private static double at(int step, int steps, double[] ends) {
        double width = ends[1] - ends[0];
        return ends[0] + width * ((1 + 2e-9) * step / steps - 1e-9);
    }

    /** Where the share is reached first. */
    private OptionalDouble place(double share, double[] shares, double[] ends) {
        int steps = shares.length - 1;
        for (int i = 0; i < steps; i++) {
            if (shares[i] <= share && shares[i + 1] >= share) {
                return OptionalDouble.of(new BrentSolver(1e-5 * (ends[1] - ends[0]))
                        .solve(200, x -> open(x) - share, at(i, steps, ends), at(i + 1, steps, ends)));
            }
        }
        return OptionalDouble.empty();
    }
}
