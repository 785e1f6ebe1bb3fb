package zephyrdune.set.light;

import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.room.RoomSide;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A wall or the ceiling that the bare source lights: the light stands where its clock, height and distance say and is turned
 * to that side of the room; the patch it lights there is the face.
 *
 * @param side of the room
 * @param aside turn of the source from square to that side, to the left as seen with the wall behind one's back
 * @param above turn upwards; off the ceiling, away from the camera
 */
public record OffRoom(
        RoomSide side,

        @Within(min = -Math.PI / 3, max = Math.PI / 3, unit = Unit.RADIAN)
        double aside,

        @Within(min = -Math.PI / 3, max = Math.PI / 3, unit = Unit.RADIAN)
        double above)
        implements Filling {

    private static final Limits LIMITS = Limits.of(OffRoom.class);

    public OffRoom {
        Objects.requireNonNull(side);
        LIMITS.require(aside, above);
    }

    /** The way the source points, a unit vector. */
    public Vector3D axis() {
        return side.across()
                .multiply(Math.sin(aside) * Math.cos(above))
                .add(side.up().multiply(Math.sin(above)))
                .add(side.inwards().multiply(-Math.cos(aside) * Math.cos(above)));
    }
}
