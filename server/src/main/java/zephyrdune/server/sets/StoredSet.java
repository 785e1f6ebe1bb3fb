package zephyrdune.server.sets;

import java.time.Instant;
import java.util.UUID;
import zephyrdune.table.TableSet;

/**
 * A set as it was last saved.
 *
 * @param version goes up by one with every save
 */
public record StoredSet(UUID id, int version, Instant updatedAt, TableSet set) {

    /** What a list of sets shows of one. */
    public record Summary(UUID id, int version, Instant updatedAt, String title) {}
}
