package zephyrdune.light.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.units.sampling.Sobol;

/** The share of an uneven face's light that passes a straight opaque edge, over low-discrepancy points of the face. */
public final class PassedShare {

    private final Distribution distribution;
    private final double[] front;
    private final double[] toSide;
    private final double[] upwards;

    /** Places of the points, metres, x, y and z in turn. */
    private final double[] places;

    private final double[] evenness;

    private PassedShare(EmittingFace face, int count) {
        distribution = face.distribution();
        front = face.front().toArray();
        toSide = face.acrossHalf().normalize().toArray();
        upwards = face.upHalf().normalize().toArray();
        places = new double[3 * count];
        evenness = new double[count];
        double[] place = new double[2];
        for (int i = 0; i < count; i++) {
            face.outline().place(Sobol.first(i, 0), Sobol.second(i, 0), place);
            Vector3D point = face.at(place[0], place[1]);
            places[3 * i] = point.getX();
            places[3 * i + 1] = point.getY();
            places[3 * i + 2] = point.getZ();
            evenness[i] = face.evenness(place[0], place[1]);
        }
    }

    /** @param count points to take, a power of two; the error is about one over it */
    public static PassedShare of(EmittingFace face, int count) {
        return new PassedShare(face, count);
    }

    /**
     * What comes from the points of the face on one side of a plane through the receiver, over what comes from all; no number where nothing comes.
     *
     * @param point the receiver, metres
     * @param normal of the receiver, a unit vector
     * @param open normal of the plane, towards the side that is seen
     */
    public double at(Vector3D point, Vector3D normal, Vector3D open) {
        double[] p = point.toArray();
        double[] n = normal.toArray();
        double[] o = open.toArray();
        double all = 0;
        double passed = 0;
        for (int i = 0; i < evenness.length; i++) {
            double rx = places[3 * i] - p[0];
            double ry = places[3 * i + 1] - p[1];
            double rz = places[3 * i + 2] - p[2];
            double atSurface = rx * n[0] + ry * n[1] + rz * n[2];
            double atFace = -(rx * front[0] + ry * front[1] + rz * front[2]);
            if (atSurface > 0 && atFace > 0) {
                double squared = rx * rx + ry * ry + rz * rz;
                double length = Math.sqrt(squared);
                double given = evenness[i]
                        * distribution.relativeIntensity(
                                -(rx * toSide[0] + ry * toSide[1] + rz * toSide[2]) / length,
                                -(rx * upwards[0] + ry * upwards[1] + rz * upwards[2]) / length,
                                atFace / length)
                        * atSurface
                        / (squared * length);
                all += given;
                if (rx * o[0] + ry * o[1] + rz * o[2] > 0) {
                    passed += given;
                }
            }
        }
        return all > 0 ? passed / all : Double.NaN;
    }

    /** How many of the points send light to a place. */
    public int acting(Vector3D point, Vector3D normal) {
        int count = 0;
        for (int i = 0; i < evenness.length; i++) {
            Vector3D to = Vector3D.of(places[3 * i], places[3 * i + 1], places[3 * i + 2])
                    .subtract(point);
            double[] r = to.normalize().toArray();
            boolean sends = evenness[i] > 0
                    && to.dot(normal) > 0
                    && distribution.relativeIntensity(-dot(r, toSide), -dot(r, upwards), -dot(r, front)) > 0;
            count += sends ? 1 : 0;
        }
        return count;
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
