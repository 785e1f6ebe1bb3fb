package zephyrdune.kit;

import java.util.Objects;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Line;
import zephyrdune.measure.LineLimit;
import zephyrdune.source.Source;
import zephyrdune.table.Origin;

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
