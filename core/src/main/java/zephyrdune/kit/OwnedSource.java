package zephyrdune.kit;

import java.util.Objects;
import zephyrdune.source.Source;
import zephyrdune.table.Origin;

/**
 * A flash or lamp that somebody owns.
 *
 * @param origin where its numbers come from
 */
public record OwnedSource(String name, Source source, Origin origin) {

    public OwnedSource {
        Kit.requireName(name);
        Objects.requireNonNull(source);
        Objects.requireNonNull(origin);
    }
}
