package zephyrdune.set.kit;

import java.util.Objects;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Room;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/** A room that somebody works in, and the light that is in it anyway. */
public record WorkPlace(@Line(max = Kit.NAME_LIMIT) String name, Room room, Ambient ambient) {

    private static final LineLimit NAME = Limits.line(WorkPlace.class, "name");

    public WorkPlace {
        NAME.require(name);
        Objects.requireNonNull(room);
        Objects.requireNonNull(ambient);
    }
}
