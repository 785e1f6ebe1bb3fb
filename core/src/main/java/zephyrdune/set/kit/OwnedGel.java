package zephyrdune.set.kit;

import java.util.Objects;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Origin;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/**
 * A gel that somebody owns.
 *
 * @param origin where its numbers come from
 */
public record OwnedGel(@Line(max = Kit.NAME_LIMIT) String name, Gel gel, Origin origin) {

    private static final LineLimit NAME = Limits.line(OwnedGel.class, "name");

    public OwnedGel {
        NAME.require(name);
        Objects.requireNonNull(gel);
        Objects.requireNonNull(origin);
    }
}
