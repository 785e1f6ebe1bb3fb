package zephyrdune.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Refused;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;
import zephyrdune.source.Source;

/**
 * The light: a source, what shapes it, the face that the shaped light comes from, and where that face is. The face is
 * level from side to side and faces its aim point.
 *
 * @param gel shift of the light's colour by a gel, positive for warmer
 * @param loss of light from the source to the face, in stops
 * @param filling how the light is spread over the face
 * @param power setting of a fixed power control, stops below full
 * @param clock position seen from above: 12 o'clock is +y (behind the dish), 3 is +x, 6 the camera, 9 is -x
 * @param heightAngle of the face's centre above the table plane, seen from the aim point
 * @param distance from the aim point to the face's centre
 */
public record Light(
        Source source,
        @Within(min = -300, max = 300, unit = Unit.MIRED) double gel,
        @Within(min = 0, max = 8, unit = Unit.STOP) double loss,
        Face face,
        Filling filling,
        Spread spread,
        PowerChoice powerChoice,
        @Within(min = 0, max = 12, unit = Unit.STOP) double power,

        @Within(min = 0, max = 2 * Math.PI, unit = Unit.CLOCK_RADIAN)
        double clock,

        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double heightAngle,

        @Within(min = 0.05, max = 10, unit = Unit.METRE) double distance,
        Aim aim) {

    private static final Limits LIMITS = Limits.of(Light.class);

    /** Sides of the polygon that stands for a round face where an outline is asked for. */
    private static final int ROUND_SIDES = 64;

    public Light {
        LIMITS.require(gel, loss, power, clock, heightAngle, distance);
        Objects.requireNonNull(source);
        Objects.requireNonNull(face);
        Objects.requireNonNull(filling);
        Objects.requireNonNull(spread);
        if (filling instanceof FromBehind && spread instanceof Bare) {
            throw new Refused("spread", "A panel lit from behind is not bare; choose how it gives its light");
        }
        Objects.requireNonNull(powerChoice);
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

    /** Where the bare source stands: behind a panel, or in the face's centre. */
    public Vector3D sourcePoint() {
        return filling instanceof FromBehind behind ? centre().add(direction().multiply(behind.gap())) : centre();
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

    /**
     * Points round the face's edge, counter-clockwise round {@link #direction()}, metres from the hero point: its corners,
     * or for a disc so many points that their polygon is within an eighth of a percent of the radius.
     */
    public List<Vector3D> outline() {
        List<Vector3D> points = new ArrayList<>();
        for (double[] at : unitOutline()) {
            points.add(centre().add(widthAxis().multiply(at[0] * face.across() / 2))
                    .add(heightAxis().multiply(at[1] * face.along() / 2)));
        }
        return points;
    }

    private double[][] unitOutline() {
        if (face instanceof Disc) {
            return ring(ROUND_SIDES, 1);
        }
        return face instanceof Octagon
                ? ring(8, 1 / Math.cos(Math.PI / 8))
                : new double[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};
    }

    private static double[][] ring(int sides, double radius) {
        double[][] points = new double[sides][];
        for (int i = 0; i < sides; i++) {
            double turn = 2 * Math.PI * (i + 0.5) / sides;
            points[i] = new double[] {radius * Math.cos(turn), radius * Math.sin(turn)};
        }
        return points;
    }

    public Light withDistance(double newDistance) {
        return new Light(
                source, gel, loss, face, filling, spread, powerChoice, power, clock, heightAngle, newDistance, aim);
    }

    public Light withClock(double newClock) {
        return new Light(
                source, gel, loss, face, filling, spread, powerChoice, power, newClock, heightAngle, distance, aim);
    }

    public Light withFilling(Filling newFilling) {
        return new Light(
                source, gel, loss, face, newFilling, spread, powerChoice, power, clock, heightAngle, distance, aim);
    }

    public Light withFace(Face newFace) {
        return new Light(
                source, gel, loss, newFace, filling, spread, powerChoice, power, clock, heightAngle, distance, aim);
    }
}
