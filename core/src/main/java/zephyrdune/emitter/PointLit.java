package zephyrdune.emitter;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.distribution.Distribution;
import zephyrdune.table.Pose;

/**
 * A face as bright as the light it gets from a point: I cos / d², with the source's own distribution. It is 1 where the source
 * would shine square on the face with its axial intensity from {@code reference}.
 *
 * @param source where the source sends its light
 * @param x of the source, along across; metres from the face's centre
 * @param y of the source, along up
 * @param z of the source, away from the face
 * @param turn the source's own axes (its across, up and axis, one after the other) in those directions
 * @param acrossHalf from the face's centre to the middle of a side, metres
 * @param upHalf from the centre to the middle of the upper side, metres
 * @param reference metres
 */
record PointLit(
        Distribution source,
        double x,
        double y,
        double z,
        Turned turn,
        double acrossHalf,
        double upHalf,
        double reference)
        implements Evenness {

    /** Three axes, three numbers each. */
    record Turned(double ax, double ay, double az, double ux, double uy, double uz, double wx, double wy, double wz) {}

    /** The source by its bare beam, the face by where it is. */
    static PointLit of(Distribution source, Pose pose, double reference) {
        return of(source, pose.source(), pose.axis(), pose.centre(), pose.acrossHalf(), pose.upHalf(), reference);
    }

    static PointLit of(
            Distribution source,
            Vector3D from,
            Vector3D axis,
            Vector3D centre,
            Vector3D acrossHalf,
            Vector3D upHalf,
            double reference) {
        Vector3D across = acrossHalf.normalize();
        Vector3D up = upHalf.normalize();
        Vector3D offset = from.subtract(centre);
        Vector3D front = up.cross(across);
        Vector3D away = front.dot(offset) >= 0 ? front : front.negate();
        Vector3D sourceUp = up.subtract(axis.multiply(up.dot(axis))).normalize();
        Vector3D sourceAcross = axis.cross(sourceUp);
        return new PointLit(
                source,
                offset.dot(across),
                offset.dot(up),
                offset.dot(away),
                new Turned(
                        sourceAcross.dot(across),
                        sourceAcross.dot(up),
                        sourceAcross.dot(away),
                        sourceUp.dot(across),
                        sourceUp.dot(up),
                        sourceUp.dot(away),
                        axis.dot(across),
                        axis.dot(up),
                        axis.dot(away)),
                acrossHalf.norm(),
                upHalf.norm(),
                reference);
    }

    @Override
    public double at(double across, double up) {
        double dx = across * acrossHalf - x;
        double dy = up * upHalf - y;
        double dz = -z;
        double squared = dx * dx + dy * dy + dz * dz;
        double length = Math.sqrt(squared);
        double intensity = source.relativeIntensity(
                (dx * turn.ax + dy * turn.ay + dz * turn.az) / length,
                (dx * turn.ux + dy * turn.uy + dz * turn.uz) / length,
                (dx * turn.wx + dy * turn.wy + dz * turn.wz) / length);
        return intensity * z / length * reference * reference / squared;
    }
}
