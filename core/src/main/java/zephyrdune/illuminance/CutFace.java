package zephyrdune.illuminance;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.emitter.Outline;

/**
 * Illuminance from a face past cards and through their openings.
 *
 * <p>Of an even Lambertian face exact. Of an uneven one it is the open light times the share that is seen, both integrated over triangles
 * with six points each (D. A. Dunavant, High degree efficient symmetrical Gaussian quadrature rules for the triangle, Int. J. Numer. Meth.
 * Eng. 21, 1985, degree 4).
 */
final class CutFace implements Illuminance {

    private static final int DISC_SIDES = 64;

    /** Triangles longer than this, on a face that spans -1 to 1, are divided. */
    private static final double LONGEST = 0.75;

    private static final double[] WEIGHTS = {0.223381589678011, 0.109951743655322};
    private static final double[] NEAR = {0.445948490915965, 0.091576213509771};

    private final EmittingFace face;
    private final Illuminance open;
    private final Cutters cutters;

    /** Across and up of the corners, each from -1 to 1. */
    private final double[] outline;

    private CutFace(EmittingFace face, Illuminance open, Cutters cutters) {
        this.face = face;
        this.open = open;
        this.cutters = cutters;
        List<Vector3D> corners = face.corners(DISC_SIDES);
        outline = new double[2 * corners.size()];
        for (int i = 0; i < corners.size(); i++) {
            Vector3D from = corners.get(i).subtract(face.centre());
            outline[2 * i] = from.dot(face.acrossHalf()) / face.acrossHalf().normSq();
            outline[2 * i + 1] = from.dot(face.upHalf()) / face.upHalf().normSq();
        }
    }

    static Illuminance of(EmittingFace face, Illuminance open, Cutters cutters) {
        return cutters.none() ? open : new CutFace(face, open, cutters);
    }

    @Override
    public double at(double px, double py, double pz, double nx, double ny, double nz) {
        double all = open.at(px, py, pz, nx, ny, nz);
        if (all <= 0) {
            return 0;
        }
        List<double[]> parts = cutters.seen(face, outline, px, py, pz);
        if (parts.size() == 1 && parts.get(0) == outline) {
            return all;
        }
        if (face.uniform() && face.outline() != Outline.DISC) {
            return face.luminance() * even(parts, px, py, pz, nx, ny, nz);
        }
        Vector3D point = Vector3D.of(px, py, pz);
        Vector3D normal = Vector3D.of(nx, ny, nz);
        List<double[]> whole = List.of(outline);
        double seen = face.uniform() ? even(parts, px, py, pz, nx, ny, nz) : uneven(parts, point, normal);
        double there = face.uniform() ? even(whole, px, py, pz, nx, ny, nz) : uneven(whole, point, normal);
        return there > 0 ? all * Math.min(1, seen / there) : 0;
    }

    private double even(List<double[]> parts, double px, double py, double pz, double nx, double ny, double nz) {
        double sum = 0;
        for (double[] part : parts) {
            double[] corners = new double[part.length / 2 * 3];
            for (int i = 0; i < part.length / 2; i++) {
                double u = part[2 * i];
                double v = part[2 * i + 1];
                corners[3 * i] = face.centre().getX()
                        + u * face.acrossHalf().getX()
                        + v * face.upHalf().getX();
                corners[3 * i + 1] = face.centre().getY()
                        + u * face.acrossHalf().getY()
                        + v * face.upHalf().getY();
                corners[3 * i + 2] = face.centre().getZ()
                        + u * face.acrossHalf().getZ()
                        + v * face.upHalf().getZ();
            }
            sum += Math.max(0, ContourFormula.ofUnit(corners, px, py, pz, nx, ny, nz));
        }
        return sum;
    }

    private double uneven(List<double[]> parts, Vector3D point, Vector3D normal) {
        double sum = 0;
        for (double[] part : parts) {
            for (int i = 2; i + 2 < part.length; i += 2) {
                sum += triangle(
                        new double[] {part[0], part[1], part[i], part[i + 1], part[i + 2], part[i + 3]}, point, normal);
            }
        }
        return sum;
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
