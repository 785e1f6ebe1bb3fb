package zephyrdune.light.illuminance;

import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Evenness;
import zephyrdune.light.emitter.Outline;
import zephyrdune.light.emitter.SmoothPart;
import zephyrdune.set.distribution.Tube;
import zephyrdune.units.geometry.ConvexPolygon;
import zephyrdune.units.measure.Cancellation;

/**
 * Illuminance from a face past cards and through their openings.
 *
 * <p>Of an even Lambertian face exact, but that parts which look small from the place are four places each: 1e-4 of their light. Of an
 * uneven one every part is divided until pieces are small, of four places each; near the face they are stated as a share of the open light.
 */
final class CutFace implements Illuminance {

    private static final int DISC_SIDES = 64;

    /** Parts of an uneven face that reach no further than this from their first corner, across and up, are small. */
    private static final double SMALL = 0.3;

    /** Parts of an even face that reach no further than this share of their distance look small. */
    private static final double NARROW = 0.12;

    private final EmittingFace face;
    private final FaceDensity density;
    private final List<SmoothPart> smoothParts;
    private final Illuminance open;
    private final Cutters.Before cutters;
    private final boolean exact;

    /** Across and up of the corners, each from -1 to 1. */
    private final double[] outline;

    private final List<double[]> whole;

    /**
     * From places that are farther before the face than its longer half, its parts are summed up as they are; nearer, and near the edge of
     * a beam that a tube cuts off, as shares of all.
     */
    private final double far;

    // centre, half across, half up of the face
    private final double[] centre;
    private final double[] across;
    private final double[] up;
    private final double[] front;

    /** Area of the face for each of (u, v), below zero where its outline winds clockwise in them. */
    private final double scale;

    CutFace(EmittingFace face, Illuminance open, Cutters cutters) {
        this.face = face;
        this.open = open;
        density = new FaceDensity(face);
        smoothParts = face.evenness().parts(face.outline());
        exact = face.uniform() && face.outline() != Outline.DISC;
        centre = face.centre().toArray();
        across = face.acrossHalf().toArray();
        up = face.upHalf().toArray();
        front = face.front().toArray();
        List<Vector3D> corners = face.corners(DISC_SIDES);
        outline = new double[2 * corners.size()];
        for (int i = 0; i < corners.size(); i++) {
            Vector3D from = corners.get(i).subtract(face.centre());
            outline[2 * i] = from.dot(face.acrossHalf()) / face.acrossHalf().normSq();
            outline[2 * i + 1] = from.dot(face.upHalf()) / face.upHalf().normSq();
        }
        whole = List.of(outline);
        far = face.distribution() instanceof Tube
                ? Double.POSITIVE_INFINITY
                : Math.max(face.acrossHalf().norm(), face.upHalf().norm());
        scale = Math.signum(ConvexPolygon.twiceArea(outline))
                * face.acrossHalf().cross(face.upHalf()).norm();
        this.cutters = cutters.before(face, outline);
    }

    /** 1 where the outline winds counter-clockwise in the face's own coordinates, and -1 otherwise. */
    double turn() {
        return Math.signum(scale);
    }

    static Illuminance of(EmittingFace face, Illuminance open, Cutters cutters) {
        return cutters.none() ? open : new CutFace(face, open, cutters);
    }

    @Override
    public double at(double px, double py, double pz, double nx, double ny, double nz) {
        return off(px, py, pz) <= 0 ? 0 : of(seen(px, py, pz), px, py, pz, nx, ny, nz);
    }

    /** How far a place is before the face's plane, metres. */
    private double off(double px, double py, double pz) {
        return front[0] * (px - centre[0]) + front[1] * (py - centre[1]) + front[2] * (pz - centre[2]);
    }

    /** What the place sees of the face, as {@link Cutters.Before} has it. */
    List<double[]> seen(double px, double py, double pz) {
        Cancellation.check();
        return cutters.seen(px, py, pz);
    }

    /** Illuminance from parts of the face, for a place before it. */
    double of(List<double[]> parts, double px, double py, double pz, double nx, double ny, double nz) {
        if (parts.size() == 1 && parts.get(0) == outline) {
            return open.at(px, py, pz, nx, ny, nz);
        }
        if (exact) {
            return Math.max(0, even(parts, px, py, pz, nx, ny, nz));
        }
        if (parts.isEmpty()) {
            return 0;
        }
        if (face.uniform()) {
            double all = open.at(px, py, pz, nx, ny, nz);
            double there = all <= 0 ? 0 : even(whole, px, py, pz, nx, ny, nz);
            return there > 0 ? share(all, even(parts, px, py, pz, nx, ny, nz) / there) : 0;
        }
        PolygonIntegral.Kernel given = density.on(px, py, pz, nx, ny, nz);
        double seen = Math.max(0, uneven(parts, given));
        if (seen == 0 || off(px, py, pz) > far) {
            return seen;
        }
        double all = open.at(px, py, pz, nx, ny, nz);
        if (parts.stream().allMatch(part -> within(part, SMALL, SMALL))) {
            return Math.max(0, Math.min(all, seen));
        }
        double there = uneven(whole, given);
        return there > 0 ? share(all, seen / there) : 0;
    }

    private static double share(double all, double share) {
        return all * Math.max(0, Math.min(1, share));
    }

    private double even(List<double[]> parts, double px, double py, double pz, double nx, double ny, double nz) {
        double away = NARROW * Math.sqrt(squared(centre[0] - px, centre[1] - py, centre[2] - pz));
        double most = away / Math.sqrt(squared(across[0], across[1], across[2]));
        double mostUp = away / Math.sqrt(squared(up[0], up[1], up[2]));
        PolygonIntegral.Kernel given = density.on(px, py, pz, nx, ny, nz);
        double sum = 0;
        for (double[] part : parts) {
            sum += within(part, most, mostUp)
                    ? scale * PolygonIntegral.small(part, given)
                    : face.luminance() * ContourFormula.ofUnit(corners(part), px, py, pz, nx, ny, nz);
        }
        return sum;
    }

    private static double squared(double x, double y, double z) {
        return x * x + y * y + z * z;
    }

    /** Whether a part reaches no further from its first corner than so much across and up. */
    private static boolean within(double[] part, double most, double mostUp) {
        for (int i = 2; i < part.length; i += 2) {
            if (Math.abs(part[i] - part[0]) > most || Math.abs(part[i + 1] - part[1]) > mostUp) {
                return false;
            }
        }
        return true;
    }

    /** Corners of a part, x, y and z in turn. */
    private double[] corners(double[] part) {
        double[] corners = new double[part.length / 2 * 3];
        for (int i = 0; i < part.length / 2; i++) {
            double u = part[2 * i];
            double v = part[2 * i + 1];
            corners[3 * i] = centre[0] + u * across[0] + v * up[0];
            corners[3 * i + 1] = centre[1] + u * across[1] + v * up[1];
            corners[3 * i + 2] = centre[2] + u * across[2] + v * up[2];
        }
        return corners;
    }

    /** Each smooth part of its brightness by itself, where that shines. */
    private double uneven(List<double[]> parts, PolygonIntegral.Kernel evenly) {
        double sum = 0;
        for (SmoothPart smooth : smoothParts) {
            Evenness bright = smooth.evenness();
            PolygonIntegral.Kernel given = (u, v) -> bright.at(u, v) * evenly.at(u, v);
            Optional<double[]> edge = smooth.patches().polygon();
            for (double[] part : parts) {
                Cancellation.check();
                double[] lit = edge.isPresent() ? ConvexPolygon.within(part, edge.get()) : part;
                sum += lit.length == 0
                        ? 0
                        : within(lit, SMALL, SMALL)
                                ? PolygonIntegral.small(lit, given)
                                : PolygonIntegral.large(lit, given);
            }
        }
        return scale * sum;
    }
}
