package zephyrdune.table;

import java.util.List;
import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * A flat rectangular board that stands or is held near the table: it fills with the light it sends back, or cuts light off.
 * Both sides are alike.
 *
 * @param clock where its middle is, seen from above: 12 o'clock is +y, 3 is +x
 * @param distance of its middle from the hero point, level
 * @param lift of its lower edge above the table
 * @param turn away from facing the hero, counter-clockwise seen from above
 * @param lean back from upright, away from the hero
 * @param holes cut into it
 */
public record Card(
        Surface surface,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double width,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double height,

        @Within(min = 0, max = 2 * Math.PI, unit = Unit.CLOCK_RADIAN)
        double clock,

        @Within(min = 0.02, max = 5, unit = Unit.METRE) double distance,
        @Within(min = 0, max = 4, unit = Unit.METRE) double lift,

        @Within(min = -Math.PI / 2, max = Math.PI / 2, unit = Unit.RADIAN)
        double turn,

        @Within(min = -Math.PI / 2, max = Math.PI / 2, unit = Unit.RADIAN)
        double lean,

        Holes holes) {

    private static final Limits LIMITS = Limits.of(Card.class);

    public Card {
        LIMITS.require(width, height, clock, distance, lift, turn, lean);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(holes);
    }

    /** Along its width, a level unit vector. */
    public Vector3D widthAxis() {
        double facing = clock - turn;
        return Vector3D.of(-Math.cos(facing), Math.sin(facing), 0);
    }

    /** Along its height, a unit vector pointing upwards. */
    public Vector3D heightAxis() {
        double facing = clock - turn;
        return Vector3D.of(Math.sin(facing) * Math.sin(lean), Math.cos(facing) * Math.sin(lean), Math.cos(lean));
    }

    /** Its middle, metres from the hero point. */
    public Vector3D centre() {
        return Vector3D.of(Math.sin(clock) * distance, Math.cos(clock) * distance, lift + height / 2 * Math.cos(lean));
    }

    /** Its corners, metres from the hero point. */
    public List<Vector3D> corners() {
        Vector3D across = widthAxis().multiply(width / 2);
        Vector3D up = heightAxis().multiply(height / 2);
        return List.of(
                centre().subtract(across).subtract(up),
                centre().add(across).subtract(up),
                centre().add(across).add(up),
                centre().subtract(across).add(up));
    }
}
