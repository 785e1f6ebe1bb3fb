package zephyrdune.answers.next;

import java.util.Objects;

/** Where practitioners disagree: the ways somebody works. Advice keeps to them. */
public record Schools(
        Fill fill, AfterFirstFrame afterFirstFrame, RoomLight roomLight, Lights lights, SmallPool smallPool) {

    /** When shade is filled. */
    public enum Fill {
        /** A card opposite the light comes first. */
        BY_HABIT,
        /** Shade is what gives form: a card only where shade is deeper than wanted. */
        WHEN_NEEDED
    }

    /** What changes once a first frame stands. */
    public enum AfterFirstFrame {
        /** The light alone is moved and dialled; every frame matches the one before. */
        CAMERA_STAYS,
        /** The camera's settings change as well. */
        CAMERA_CHANGES
    }

    /** What becomes of the room's own light. */
    public enum RoomLight {
        /** Buried, so that day and night match. */
        BURIED,
        /** Kept as the layer under the key. */
        KEPT
    }

    /** How many lights. */
    public enum Lights {
        ONE,
        /** A base from the key's side may come in. */
        WITH_BASE
    }

    /** How a soft, small pool of light is come by. */
    public enum SmallPool {
        /** A large source, cut down by flags. */
        CUT_LARGE,
        /** A small source, brought nearer or enlarged. */
        ENLARGE_SMALL
    }

    /**
     * What most begin with: shade is left unless it is too deep, the camera stays so that frames match, the room is buried so that the hour does
     * not matter, one light, and that cut down.
     */
    public static final Schools USUAL = new Schools(
            Fill.WHEN_NEEDED, AfterFirstFrame.CAMERA_STAYS, RoomLight.BURIED, Lights.ONE, SmallPool.CUT_LARGE);

    public Schools {
        Objects.requireNonNull(fill);
        Objects.requireNonNull(afterFirstFrame);
        Objects.requireNonNull(roomLight);
        Objects.requireNonNull(lights);
        Objects.requireNonNull(smallPool);
    }
}
