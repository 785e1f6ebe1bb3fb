package zephyrdune.set.kit;

import java.util.Objects;
import zephyrdune.set.light.Origin;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/**
 * A flash or lamp that somebody owns.
 *
 * @param origin where its numbers come from
 */
public record OwnedSource(@Line(max = Kit.NAME_LIMIT) String name, Source source, Origin origin) {

    private static final LineLimit NAME = Limits.line(OwnedSource.class, "name");

    public OwnedSource {
        NAME.require(name);
        Objects.requireNonNull(source);
        Objects.requireNonNull(origin);
    }
}
