package zephyrdune.set.room;

import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A room of four walls, a floor and a ceiling, each square to the axes. Distances are from the hero point.
 *
 * @param left to the wall on the left of the picture
 * @param right to the wall on the right
 * @param behind to the wall behind the dish
 * @param before to the wall behind the camera
 * @param above from the table top to the ceiling
 * @param below from the table top to the floor
 */
public record WalledRoom(
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double left,
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double right,
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double behind,
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double before,
        @Within(min = 0.5, max = 10, unit = Unit.METRE) double above,
        @Within(min = 0.1, max = 2, unit = Unit.METRE) double below,
        Surface walls,
        Surface ceiling,
        Surface floor)
        implements Room {

    private static final Limits LIMITS = Limits.of(WalledRoom.class);

    public WalledRoom {
        LIMITS.require(left, right, behind, before, above, below);
        Objects.requireNonNull(walls);
        Objects.requireNonNull(ceiling);
        Objects.requireNonNull(floor);
    }

    /** What a side of it is made of. */
    public Surface surface(RoomSide side) {
        return side == RoomSide.CEILING ? ceiling : walls;
    }

    /** From the hero point to a side, metres. */
    public double away(RoomSide side) {
        return switch (side) {
            case LEFT -> left;
            case RIGHT -> right;
            case BEHIND -> behind;
            case BEFORE -> before;
            case CEILING -> above;
        };
    }
}
