package zephyrdune.light.emitter;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.light.Pose;

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
        return of(source, pose, pose.upHalf(), reference);
    }

    /** @param upright that the source's own height leans to */
    static PointLit of(Distribution source, Pose pose, Vector3D upright, double reference) {
        return of(
                source,
                pose.source(),
                pose.axis(),
                upright.normalize(),
                pose.centre(),
                pose.acrossHalf(),
                pose.upHalf(),
                reference);
    }

    static PointLit of(
            Distribution source,
            Vector3D from,
            Vector3D axis,
            Vector3D upright,
            Vector3D centre,
            Vector3D acrossHalf,
            Vector3D upHalf,
            double reference) {
        Vector3D across = acrossHalf.normalize();
        Vector3D up = upHalf.normalize();
        Vector3D offset = from.subtract(centre);
        Vector3D front = up.cross(across);
        Vector3D away = front.dot(offset) >= 0 ? front : front.negate();
        Vector3D sourceUp = upright.subtract(axis.multiply(upright.dot(axis))).normalize();
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

    /** In the source's own axes, a direction from it to a place, times the place's distance. */
    private double[] seen(double[] place) {
        double dx = place[0] * acrossHalf - x;
        double dy = place[1] * upHalf - y;
        return new double[] {
            dx * turn.ax + dy * turn.ay - z * turn.az,
            dx * turn.ux + dy * turn.uy - z * turn.uz,
            dx * turn.wx + dy * turn.wy - z * turn.wz
        };
    }

    @Override
    public double mean(Outline outline, int power) {
        return source instanceof Coverage beam
                ? BeamMean.of(this, outline, inside(outline, beam), power)
                : FaceMean.of(this, outline, power);
    }

    @Override
    public List<SmoothPart> parts(Outline outline) {
        return List.of(new SmoothPart(source instanceof Coverage beam ? inside(outline, beam) : outline, this));
    }

    private Triangles inside(Outline outline, Coverage beam) {
        return new Triangles(
                outline,
                List.of(
                        place -> beam.tanAcross() * seen(place)[2] - seen(place)[0],
                        place -> beam.tanAcross() * seen(place)[2] + seen(place)[0],
                        place -> beam.tanUp() * seen(place)[2] - seen(place)[1],
                        place -> beam.tanUp() * seen(place)[2] + seen(place)[1]));
    }

    /** Bounds of what is lit of the face: across from, to, up from, to; each from -1 to 1. */
    double[] lit(Outline outline) {
        return source instanceof Coverage beam ? inside(outline, beam).bounds() : new double[] {-1, 1, -1, 1};
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
