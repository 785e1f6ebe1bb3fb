package zephyrdune.table;

import java.util.Locale;
import java.util.Objects;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

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

    /** One of the flat sides of a room, seen from inside. */
    public enum RoomSide {
        LEFT(Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Z, "left wall"),
        RIGHT(Vector3D.Unit.MINUS_X, Vector3D.Unit.PLUS_Z, "right wall"),
        BEHIND(Vector3D.Unit.MINUS_Y, Vector3D.Unit.PLUS_Z, "wall behind the dish"),
        BEFORE(Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z, "wall behind the camera"),
        CEILING(Vector3D.Unit.MINUS_Z, Vector3D.Unit.PLUS_Y, "ceiling");

        private final Vector3D inwards;
        private final Vector3D up;
        private final String words;

        RoomSide(Vector3D inwards, Vector3D up, String words) {
            this.inwards = inwards;
            this.up = up;
            this.words = words;
        }

        /** Into the room, a unit vector. */
        public Vector3D inwards() {
            return inwards;
        }

        /** Upwards along it, a unit vector; on the ceiling away from the camera. */
        public Vector3D up() {
            return up;
        }

        /** To the left along it as seen from inside, a unit vector. */
        public Vector3D across() {
            return inwards.cross(up);
        }

        /** As it is said: "left wall". */
        public String words() {
            return words;
        }

        /** As it heads a line: "Left wall". */
        public String title() {
            return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
        }
    }

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
