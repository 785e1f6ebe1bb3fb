package zephyrdune.light.illuminance;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.units.geometry.ConvexPolygon;

/**
 * A face as one place sees it past cards and through their openings: its exact light, and places of the parts that are seen, to look for
 * what else stands between. Works in place; used by one thread.
 */
public final class SeenParts {

    private final CutFace cut;
    private final EmittingFace face;
    private final double area;
    private List<double[]> parts;

    /** Those of them that are to be taken away. */
    private final List<double[]> taken = new ArrayList<>();

    /** The place and the surface that all of this is for, and what it gets. */
    private final double[] seenFrom = new double[6];

    private double given = Double.NaN;

    /** Sums of the areas of the parts that are seen, in (u, v); of those to be taken away nothing is added. */
    private double[] sums = new double[16];

    private double turn;

    // what pick() leaves behind: a place of the face
    private double u;
    private double v;

    public SeenParts(EmittingFace face, Cutters cutters) {
        this.face = face;
        cut = new CutFace(face, Illuminance.of(face, Illuminance.FINE), cutters);
        area = face.acrossHalf().cross(face.upHalf()).norm();
    }

    /** Illuminance of a surface by all parts that are seen; zero behind the face. */
    public double from(double px, double py, double pz, double nx, double ny, double nz) {
        if (!isSame(px, py, pz, nx, ny, nz)) {
            given = look(px, py, pz, nx, ny, nz);
        }
        return given;
    }

    /** Rounds of samples look from the same place again and again. */
    private boolean isSame(double px, double py, double pz, double nx, double ny, double nz) {
        boolean same = !Double.isNaN(given)
                && px == seenFrom[0]
                && py == seenFrom[1]
                && pz == seenFrom[2]
                && nx == seenFrom[3]
                && ny == seenFrom[4]
                && nz == seenFrom[5];
        seenFrom[0] = px;
        seenFrom[1] = py;
        seenFrom[2] = pz;
        seenFrom[3] = nx;
        seenFrom[4] = ny;
        seenFrom[5] = nz;
        return same;
    }

    private double look(double px, double py, double pz, double nx, double ny, double nz) {
        Vector3D front = face.front();
        Vector3D centre = face.centre();
        double before = front.getX() * (px - centre.getX())
                + front.getY() * (py - centre.getY())
                + front.getZ() * (pz - centre.getZ());
        if (before <= 0) {
            return 0;
        }
        parts = cut.seen(px, py, pz);
        if (parts.isEmpty()) {
            return 0;
        }
        sums = sums.length < parts.size() ? new double[2 * parts.size()] : sums;
        turn = cut.turn();
        taken.clear();
        double sum = 0;
        for (int i = 0; i < parts.size(); i++) {
            double size = turn * ConvexPolygon.twiceArea(parts.get(i)) / 2;
            if (size < 0) {
                taken.add(parts.get(i));
            }
            sum += Math.max(0, size);
            sums[i] = sum;
        }
        return cut.of(parts, px, py, pz, nx, ny, nz);
    }

    /**
     * Picks a place by two numbers from 0 to 1; false where it lies in a part that is taken away.
     *
     * @param place of the face, x, y and z, is left here
     */
    public boolean pick(double s, double t, double[] place) {
        double choice = s * sums[parts.size() - 1];
        int which = 0;
        while (which < parts.size() - 1 && sums[which] <= choice) {
            which++;
        }
        pickIn(parts.get(which), choice - (which == 0 ? 0 : sums[which - 1]), t);
        for (double[] part : taken) {
            if (ConvexPolygon.holds(part, u, v)) {
                return false;
            }
        }
        Vector3D at = face.at(u, v);
        place[0] = at.getX();
        place[1] = at.getY();
        place[2] = at.getZ();
        return true;
    }

    /** A place in a convex part, evenly over its area. */
    private void pickIn(double[] c, double areaBefore, double t) {
        double left = areaBefore;
        for (int i = 2; i + 2 < c.length; i += 2) {
            double triangle = Math.abs((c[i] - c[0]) * (c[i + 3] - c[1]) - (c[i + 1] - c[1]) * (c[i + 2] - c[0])) / 2;
            if (left <= triangle || i + 4 >= c.length) {
                // towards the far side of the triangle by the root of the share, then along that side
                double out = triangle == 0 ? 0 : Math.sqrt(Math.max(0, Math.min(1, left / triangle)));
                u = c[0] + out * (c[i] - c[0] + t * (c[i + 2] - c[i]));
                v = c[1] + out * (c[i + 1] - c[1] + t * (c[i + 3] - c[i + 1]));
                return;
            }
            left -= triangle;
        }
    }

    /** Illuminance that the place picked last stands for, on a surface that it is seen from along a unit direction. */
    public double given(double dx, double dy, double dz, double length, double cosine) {
        Vector3D towards = Vector3D.of(-dx, -dy, -dz);
        double atFace = towards.dot(face.front());
        return cosine <= 0 || atFace <= 0
                ? 0
                : face.luminance(u, v, towards) * cosine * atFace * area * sums[parts.size() - 1] / (length * length);
    }
}
