package zephyrdune.illuminance;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.emitter.Outline;

/**
 * Illuminance from a face past cards and through their openings.
 *
 * <p>Of an even Lambertian face exact. Of an uneven one small parts count as four places that have their area, middle and second moments;
 * larger ones are divided into triangles of six places each (D. A. Dunavant, High degree efficient symmetrical Gaussian quadrature rules
 * for the triangle, Int. J. Numer. Meth. Eng. 21, 1985, degree 4) and stated as a share of the open light.
 */
final class CutFace implements Illuminance {

    private static final int DISC_SIDES = 64;

    /** Triangles longer than this, on a face that spans -1 to 1, are divided. */
    private static final double LONGEST = 0.75;

    /** Parts that reach no further than this from their first corner are small. */
    private static final double SMALL = 0.3;

    private static final double[] WEIGHTS = {0.223381589678011, 0.109951743655322};
    private static final double[] NEAR = {0.445948490915965, 0.091576213509771};

    private final EmittingFace face;
    private final Illuminance open;
    private final Cutters.Before cutters;
    private final boolean exact;

    /** Across and up of the corners, each from -1 to 1. */
    private final double[] outline;

    // centre, half across, half up of the face
    private final double[] centre;
    private final double[] across;
    private final double[] up;

    /** Area of the face for each of (u, v), below zero where its outline winds clockwise in them. */
    private final double scale;

    private CutFace(EmittingFace face, Illuminance open, Cutters cutters) {
        this.face = face;
        this.open = open;
        exact = face.uniform() && face.outline() != Outline.DISC;
        centre = face.centre().toArray();
        across = face.acrossHalf().toArray();
        up = face.upHalf().toArray();
        List<Vector3D> corners = face.corners(DISC_SIDES);
        outline = new double[2 * corners.size()];
        for (int i = 0; i < corners.size(); i++) {
            Vector3D from = corners.get(i).subtract(face.centre());
            outline[2 * i] = from.dot(face.acrossHalf()) / face.acrossHalf().normSq();
            outline[2 * i + 1] = from.dot(face.upHalf()) / face.upHalf().normSq();
        }
        scale = Math.signum(Part.twiceArea(outline))
                * face.acrossHalf().cross(face.upHalf()).norm();
        this.cutters = cutters.before(face, outline);
    }

    static Illuminance of(EmittingFace face, Illuminance open, Cutters cutters) {
        return cutters.none() ? open : new CutFace(face, open, cutters);
    }

    @Override
    public double at(double px, double py, double pz, double nx, double ny, double nz) {
        Vector3D front = face.front();
        if (front.getX() * (px - centre[0]) + front.getY() * (py - centre[1]) + front.getZ() * (pz - centre[2]) <= 0) {
            return 0;
        }
        List<double[]> parts = cutters.seen(px, py, pz);
        if (parts.size() == 1 && parts.get(0) == outline) {
            return open.at(px, py, pz, nx, ny, nz);
        }
        if (exact) {
            return face.luminance() * Math.max(0, even(parts, px, py, pz, nx, ny, nz));
        }
        if (parts.isEmpty()) {
            return 0;
        }
        double all = open.at(px, py, pz, nx, ny, nz);
        if (all <= 0) {
            return 0;
        }
        List<double[]> whole = List.of(outline);
        if (face.uniform()) {
            double there = even(whole, px, py, pz, nx, ny, nz);
            return there > 0 ? share(all, even(parts, px, py, pz, nx, ny, nz) / there) : 0;
        }
        Vector3D point = Vector3D.of(px, py, pz);
        Vector3D normal = Vector3D.of(nx, ny, nz);
        double seen = uneven(parts, point, normal);
        if (parts.stream().allMatch(CutFace::small)) {
            return Math.max(0, Math.min(all, seen));
        }
        double there = uneven(whole, point, normal);
        return there > 0 ? share(all, seen / there) : 0;
    }

    private static double share(double all, double share) {
        return all * Math.max(0, Math.min(1, share));
    }

    private double even(List<double[]> parts, double px, double py, double pz, double nx, double ny, double nz) {
        double sum = 0;
        for (double[] part : parts) {
            double[] corners = new double[part.length / 2 * 3];
            for (int i = 0; i < part.length / 2; i++) {
                double u = part[2 * i];
                double v = part[2 * i + 1];
                corners[3 * i] = centre[0] + u * across[0] + v * up[0];
                corners[3 * i + 1] = centre[1] + u * across[1] + v * up[1];
                corners[3 * i + 2] = centre[2] + u * across[2] + v * up[2];
            }
            sum += ContourFormula.ofUnit(corners, px, py, pz, nx, ny, nz);
        }
        return sum;
    }

    private double uneven(List<double[]> parts, Vector3D point, Vector3D normal) {
        double sum = 0;
        for (double[] part : parts) {
            if (small(part)) {
                sum += fourPlaces(part, point, normal);
                continue;
            }
            double turn = Math.signum(Part.twiceArea(part));
            for (int i = 2; i + 2 < part.length; i += 2) {
                sum += turn
                        * triangle(
                                new double[] {part[0], part[1], part[i], part[i + 1], part[i + 2], part[i + 3]},
                                point,
                                normal);
            }
        }
        return scale * sum;
    }

    private static boolean small(double[] part) {
        for (int i = 2; i < part.length; i += 2) {
            if (Math.abs(part[i] - part[0]) > SMALL || Math.abs(part[i + 1] - part[1]) > SMALL) {
                return false;
            }
        }
        return true;
    }

    /** The sum over four places with the part's area, middle and second moments; below zero for a part that winds clockwise. */
    private double fourPlaces(double[] part, Vector3D point, Vector3D normal) {
        double area = 0;
        double mu = 0;
        double mv = 0;
        double uu = 0;
        double uv = 0;
        double vv = 0;
        // about the first corner, triangle by triangle
        for (int i = 2; i + 2 < part.length; i += 2) {
            double u1 = part[i] - part[0];
            double v1 = part[i + 1] - part[1];
            double u2 = part[i + 2] - part[0];
            double v2 = part[i + 3] - part[1];
            double half = (u1 * v2 - u2 * v1) / 2;
            area += half;
            mu += half * (u1 + u2) / 3;
            mv += half * (v1 + v2) / 3;
            uu += half * (u1 * u1 + u1 * u2 + u2 * u2) / 6;
            uv += half * (2 * u1 * v1 + u1 * v2 + u2 * v1 + 2 * u2 * v2) / 12;
            vv += half * (v1 * v1 + v1 * v2 + v2 * v2) / 6;
        }
        if (area == 0) {
            return 0;
        }
        mu /= area;
        mv /= area;
        double first = Math.sqrt(Math.max(0, 2 * (uu / area - mu * mu)));
        double skew = first == 0 ? 0 : 2 * (uv / area - mu * mv) / first;
        double second = Math.sqrt(Math.max(0, 2 * (vv / area - mv * mv) - skew * skew));
        double u = part[0] + mu;
        double v = part[1] + mv;
        return area
                / 4
                * (given(u + first, v + skew, point, normal)
                        + given(u - first, v - skew, point, normal)
                        + given(u, v + second, point, normal)
                        + given(u, v - second, point, normal));
    }

    private double triangle(double[] t, Vector3D point, Vector3D normal) {
        int longest = 0;
        double most = 0;
        for (int i = 0; i < 3; i++) {
            int next = (i + 1) % 3;
            double length = Math.hypot(t[2 * next] - t[2 * i], t[2 * next + 1] - t[2 * i + 1]);
            if (length > most) {
                most = length;
                longest = i;
            }
        }
        if (most > LONGEST) {
            int i = 2 * longest;
            int next = 2 * ((longest + 1) % 3);
            int last = 2 * ((longest + 2) % 3);
            double mu = (t[i] + t[next]) / 2;
            double mv = (t[i + 1] + t[next + 1]) / 2;
            return triangle(new double[] {t[i], t[i + 1], mu, mv, t[last], t[last + 1]}, point, normal)
                    + triangle(new double[] {mu, mv, t[next], t[next + 1], t[last], t[last + 1]}, point, normal);
        }
        double area = Math.abs((t[2] - t[0]) * (t[5] - t[1]) - (t[3] - t[1]) * (t[4] - t[0])) / 2;
        double sum = 0;
        for (int rule = 0; rule < 2; rule++) {
            for (int corner = 0; corner < 3; corner++) {
                double far = 1 - 2 * NEAR[rule];
                double u = 0;
                double v = 0;
                for (int i = 0; i < 3; i++) {
                    double share = i == corner ? far : NEAR[rule];
                    u += share * t[2 * i];
                    v += share * t[2 * i + 1];
                }
                sum += WEIGHTS[rule] * given(u, v, point, normal);
            }
        }
        return area * sum;
    }

    private double given(double u, double v, Vector3D point, Vector3D normal) {
        Vector3D way = face.at(u, v).subtract(point);
        double squared = way.normSq();
        double length = Math.sqrt(squared);
        double atSurface = way.dot(normal) / length;
        double atFace = -way.dot(face.front()) / length;
        if (atSurface <= 0 || atFace <= 0) {
            return 0;
        }
        return face.luminance(u, v, way.negate().normalize()) * atSurface * atFace / squared;
    }
}
