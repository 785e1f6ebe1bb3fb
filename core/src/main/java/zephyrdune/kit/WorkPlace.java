package zephyrdune.kit;

import java.util.Objects;
import zephyrdune.table.Ambient;
import zephyrdune.table.Room;

/** A room that somebody works in, and the light that is in it anyway. */
public record WorkPlace(String name, Room room, Ambient ambient) {

    public WorkPlace {
        Kit.requireName(name);
        Objects.requireNonNull(room);
        Objects.requireNonNull(ambient);
    }
}
