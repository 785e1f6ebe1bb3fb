package zephyrdune.table;

import java.util.List;
import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * A rectangular softbox, level from side to side, facing its aim point.
 *
 * @param width of the face, side to side
 * @param height of the face, bottom to top
 * @param clock position seen from above: 12 o'clock is +y (behind the dish), 3 is +x, 6 the camera, 9 is -x
 * @param heightAngle of the face's centre above the table plane, seen from the aim point
 * @param distance from the aim point to the face's centre
 */
public record Softbox(
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double width,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double height,

        @Within(min = 0, max = 2 * Math.PI, unit = Unit.CLOCK_RADIAN)
        double clock,

        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double heightAngle,

        @Within(min = 0.05, max = 10, unit = Unit.METRE) double distance,
        Aim aim) {

    private static final Limits LIMITS = Limits.of(Softbox.class);

    public Softbox {
        LIMITS.require(width, height, clock, heightAngle, distance);
        Objects.requireNonNull(aim);
    }

    /** From the aim point towards the centre of the face, a unit vector. */
    public Vector3D direction() {
        double level = Math.cos(heightAngle);
        return Vector3D.of(Math.sin(clock) * level, Math.cos(clock) * level, Math.sin(heightAngle));
    }

    /** Centre of the face, metres from the hero point. */
    public Vector3D centre() {
        return direction().multiply(distance).add(aim.point());
    }

    /** Along the face's width, a level unit vector. */
    public Vector3D widthAxis() {
        return Vector3D.of(-Math.cos(clock), Math.sin(clock), 0);
    }

    /** Along the face's height, a unit vector pointing upwards. */
    public Vector3D heightAxis() {
        double lean = -Math.sin(heightAngle);
        return Vector3D.of(Math.sin(clock) * lean, Math.cos(clock) * lean, Math.cos(heightAngle));
    }

    /** Corners of the face, counter-clockwise round {@link #direction()}; metres from the hero point. */
    public List<Vector3D> corners() {
        Vector3D across = widthAxis().multiply(width / 2);
        Vector3D upwards = heightAxis().multiply(height / 2);
        Vector3D centre = centre();
        return List.of(
                centre.subtract(across).subtract(upwards),
                centre.add(across).subtract(upwards),
                centre.add(across).add(upwards),
                centre.subtract(across).add(upwards));
    }

    public Softbox withDistance(double newDistance) {
        return new Softbox(width, height, clock, heightAngle, newDistance, aim);
    }

    public Softbox withClock(double newClock) {
        return new Softbox(width, height, newClock, heightAngle, distance, aim);
    }
}
