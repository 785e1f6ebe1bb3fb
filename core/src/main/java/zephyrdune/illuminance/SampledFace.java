package zephyrdune.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.distribution.Distribution;
import zephyrdune.emitter.EmittingFace;

/**
 * Illuminance from a face that is uneven or sends more light one way than another, over low-discrepancy points of the
 * face.
 *
 * <p>What is sampled is how the light compares with that of the even Lambertian face, weighted by what each point of
 * that face would give; the even face itself is exact. So an even Lambertian face comes out exact, and a near point,
 * where single weights are wild, still well. Points are doubled until three estimates in a row agree within half the
 * stated error.
 */
public final class SampledFace implements Illuminance {

    private static final int FIRST = 128;

    /** Light less than this share of the even face's counts as dark, where a share of the value would mean nothing. */
    private static final double DARK = 1e-3;

    private final EmittingFace face;
    private final Illuminance even;
    private final Distribution distribution;
    private final double error;
    private final double[] centre;
    private final double[] across;
    private final double[] up;
    private final double[] front;
    private final double acrossLength;
    private final double upLength;

    private SampledFace(EmittingFace face, double error) {
        this.face = face;
        this.error = error;
        even = Illuminance.uniform(face);
        distribution = face.distribution();
        centre = face.centre().toArray();
        across = face.acrossHalf().toArray();
        up = face.upHalf().toArray();
        front = face.front().toArray();
        acrossLength = face.acrossHalf().norm();
        upLength = face.upHalf().norm();
    }

    static SampledFace of(EmittingFace face, double error) {
        return new SampledFace(face, error);
    }

    @Override
    public double at(double px, double py, double pz, double nx, double ny, double nz) {
        double open = even.at(px, py, pz, nx, ny, nz);
        if (open <= 0) {
            return 0;
        }
        Sums sums = new Sums();
        double before = Double.NaN;
        int agreed = 0;
        for (int count = FIRST; count <= LowDiscrepancy.SIZE; count *= 2) {
            add(sums, count == FIRST ? 0 : count / 2, count, px, py, pz, nx, ny, nz, null);
            double share = sums.given > 0 ? sums.sent / sums.given : 0;
            agreed = Math.abs(share - before) <= error / 2 * Math.max(share, DARK) ? agreed + 1 : 0;
            before = share;
            if (agreed == 2) {
                break;
            }
        }
        return open * before;
    }

    /**
     * The share of the face's light at a point that passes an opaque half-plane: what comes from the points of the face
     * on the side of a plane through the point that its normal {@code open} points to.
     */
    public double passing(Vector3D point, Vector3D normal, Vector3D open, int count) {
        Sums sums = new Sums();
        add(
                sums,
                0,
                count,
                point.getX(),
                point.getY(),
                point.getZ(),
                normal.getX(),
                normal.getY(),
                normal.getZ(),
                open.toArray());
        return sums.sent > 0 ? sums.passed / sums.sent : 0;
    }

    private static final class Sums {
        /** What an even Lambertian face gives. */
        double given;
        /** What this one does. */
        double sent;
        /** And what of it passes. */
        double passed;

        private final double[] place = new double[2];
    }

    private void add(
            Sums sums,
            int from,
            int to,
            double px,
            double py,
            double pz,
            double nx,
            double ny,
            double nz,
            double[] open) {
        double[] place = sums.place;
        for (int i = from; i < to; i++) {
            face.outline().place(LowDiscrepancy.first(i), LowDiscrepancy.second(i), place);
            double rx = centre[0] + place[0] * across[0] + place[1] * up[0] - px;
            double ry = centre[1] + place[0] * across[1] + place[1] * up[1] - py;
            double rz = centre[2] + place[0] * across[2] + place[1] * up[2] - pz;
            double atSurface = rx * nx + ry * ny + rz * nz;
            double atFace = -(rx * front[0] + ry * front[1] + rz * front[2]);
            if (atSurface > 0 && atFace > 0) {
                double squared = rx * rx + ry * ry + rz * rz;
                double length = Math.sqrt(squared);
                double toSide = -(rx * across[0] + ry * across[1] + rz * across[2]) / (acrossLength * length);
                double upwards = -(rx * up[0] + ry * up[1] + rz * up[2]) / (upLength * length);
                double sent = atSurface
                        / (squared * length)
                        * face.evenness(place[0], place[1])
                        * distribution.relativeIntensity(toSide, upwards, atFace / length);
                sums.given += atSurface * atFace / (squared * squared);
                sums.sent += sent;
                if (open != null && rx * open[0] + ry * open[1] + rz * open[2] > 0) {
                    sums.passed += sent;
                }
            }
        }
    }
}
