package zephyrdune.set.room;

import java.util.Locale;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

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
