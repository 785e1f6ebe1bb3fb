package zephyrdune.set.kit;

import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A board, cloth or mirror to fill or cut light with. */
public record Board(
        @Line(max = Kit.NAME_LIMIT) String name,
        Surface surface,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double width,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double height) {

    private static final LineLimit NAME = Limits.line(Board.class, "name");
    private static final Limits LIMITS = Limits.of(Board.class);

    public Board {
        NAME.require(name);
        Objects.requireNonNull(surface);
        LIMITS.require(width, height);
    }
}
