package zephyrdune.table;

import java.util.Objects;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * A room of four walls and a ceiling, each square to the axes. Distances are from the hero point.
 *
 * @param left to the wall on the left of the picture
 * @param right to the wall on the right
 * @param behind to the wall behind the dish
 * @param before to the wall behind the camera
 * @param above from the table top to the ceiling
 */
public record WalledRoom(
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double left,
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double right,
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double behind,
        @Within(min = 0.3, max = 20, unit = Unit.METRE) double before,
        @Within(min = 0.5, max = 10, unit = Unit.METRE) double above,
        Surface walls,
        Surface ceiling)
        implements Room {

    private static final Limits LIMITS = Limits.of(WalledRoom.class);

    public WalledRoom {
        LIMITS.require(left, right, behind, before, above);
        Objects.requireNonNull(walls);
        Objects.requireNonNull(ceiling);
    }
}
