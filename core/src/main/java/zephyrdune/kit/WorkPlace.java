package zephyrdune.kit;

import java.util.Objects;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Line;
import zephyrdune.measure.LineLimit;
import zephyrdune.table.Ambient;
import zephyrdune.table.Room;

/** A room that somebody works in, and the light that is in it anyway. */
public record WorkPlace(@Line(max = Kit.NAME_LIMIT) String name, Room room, Ambient ambient) {

    private static final LineLimit NAME = Limits.line(WorkPlace.class, "name");

    public WorkPlace {
        NAME.require(name);
        Objects.requireNonNull(room);
        Objects.requireNonNull(ambient);
    }
}
