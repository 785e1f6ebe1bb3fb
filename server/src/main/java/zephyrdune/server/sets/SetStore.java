package zephyrdune.server.sets;

import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.table.TableSet;

/** Sets in PostgreSQL. A deleted set is kept out of sight and can be brought back. */
@Repository
public class SetStore {

    private static final String COLUMNS = "select id, version, updated_at, document::text as document from table_set ";

    private final JdbcClient jdbc;
    private final Clock clock;

    SetStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** All sets that are not deleted, the one saved last first. */
    public List<StoredSet.Summary> list() {
        return jdbc.sql("""
                        select id, version, updated_at, title from table_set
                        where deleted_at is null order by updated_at desc, title
                        """)
                .query((row, n) -> new StoredSet.Summary(
                        row.getObject("id", UUID.class),
                        row.getInt("version"),
                        instant(row, "updated_at"),
                        row.getString("title")))
                .list();
    }

    public Optional<StoredSet> find(UUID id) {
        return jdbc.sql(COLUMNS + "where id = ? and deleted_at is null")
                .param(id)
                .query(SetStore::stored)
                .optional();
    }

    @Transactional
    public StoredSet add(TableSet set) {
        StoredSet stored = new StoredSet(UUID.randomUUID(), 1, now(), set);
        jdbc.sql("""
                        insert into table_set (id, version, title, document, created_at, updated_at)
                        values (?, ?, ?, ?::jsonb, ?, ?)
                        """)
                .params(stored.id(), stored.version(), set.title(), json(set), at(stored), at(stored))
                .update();
        return stored;
    }

    /**
     * Saves a set on top of the version that the writer has seen.
     *
     * @return the set as saved; nothing when it is not there or no longer of that version, and then nothing changed
     */
    @Transactional
    public Optional<StoredSet> replace(UUID id, int seenVersion, TableSet set) {
        StoredSet stored = new StoredSet(id, seenVersion + 1, now(), set);
        int changed = jdbc.sql("""
                        update table_set set version = ?, title = ?, document = ?::jsonb, updated_at = ?
                        where id = ? and version = ? and deleted_at is null
                        """)
                .params(stored.version(), set.title(), json(set), at(stored), id, seenVersion)
                .update();
        return changed == 1 ? Optional.of(stored) : Optional.empty();
    }

    /** @return whether there was such a set to delete */
    @Transactional
    public boolean delete(UUID id) {
        return jdbc.sql("update table_set set deleted_at = ? where id = ? and deleted_at is null")
                        .params(now().atOffset(ZoneOffset.UTC), id)
                        .update()
                == 1;
    }

    /** Brings a deleted set back; one that is not deleted is left as it is. */
    @Transactional
    public Optional<StoredSet> restore(UUID id) {
        jdbc.sql("update table_set set deleted_at = null where id = ?")
                .param(id)
                .update();
        return find(id);
    }

    private Instant now() {
        // as fine as the database keeps it
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static OffsetDateTime at(StoredSet stored) {
        return stored.updatedAt().atOffset(ZoneOffset.UTC);
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }

    private static String json(TableSet set) {
        return SetFormat.tree(set).toString();
    }

    private static StoredSet stored(ResultSet row, int number) throws SQLException {
        UUID id = row.getObject("id", UUID.class);
        try {
            TableSet set = SetFormat.read(row.getString("document").getBytes(StandardCharsets.UTF_8));
            return new StoredSet(id, row.getInt("version"), instant(row, "updated_at"), set);
        } catch (BadFile e) {
            throw new IllegalStateException("saved set " + id + " cannot be read: " + e.getMessage(), e);
        }
    }
}
