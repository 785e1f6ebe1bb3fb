package zephyrdune.server.sets;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
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
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;

/** Sets in PostgreSQL. A deleted set is kept out of sight for a while and can be brought back. */
@Repository
public class SetStore {

    /** How long a deleted set can be brought back. */
    static final Duration KEPT_DELETED = Duration.ofDays(30);

    private static final String COLUMNS = "select id, version, updated_at, document from table_set ";
    private static final String TITLE = "title";

    private final JdbcClient jdbc;
    private final Clock clock;

    SetStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** All sets that are not deleted, the one saved last first. */
    public List<StoredSet.Summary> list() {
        return jdbc.sql("""
                        select id, version, updated_at, opened_at, title from table_set
                        where deleted_at is null order by updated_at desc, title
                        """)
                .query((row, n) -> new StoredSet.Summary(
                        row.getObject("id", UUID.class),
                        row.getInt("version"),
                        instant(row, "updated_at"),
                        Optional.ofNullable(row.getObject("opened_at", OffsetDateTime.class))
                                .map(OffsetDateTime::toInstant),
                        row.getString(TITLE)))
                .list();
    }

    /** Remembers that a set was put on the table just now. */
    @Transactional
    public void opened(UUID id) {
        jdbc.sql("update table_set set opened_at = ? where id = ?")
                .params(at(now()), id)
                .update();
    }

    /** Sets that are deleted and can be brought back, the one deleted last first. */
    public List<StoredSet.Deleted> deleted() {
        return jdbc.sql("""
                        select id, deleted_at, title from table_set
                        where deleted_at > ? order by deleted_at desc, title
                        """)
                .param(at(now().minus(KEPT_DELETED)))
                .query((row, n) -> new StoredSet.Deleted(
                        row.getObject("id", UUID.class), instant(row, "deleted_at"), row.getString(TITLE)))
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
        return add(SetFormat.tree(set));
    }

    /** A copy of a set under another title; nothing when it is not there. */
    @Transactional
    public Optional<StoredSet> copy(UUID id, String title) {
        return find(id).map(stored -> add(((ObjectNode) stored.set()).put(TITLE, title)));
    }

    private StoredSet add(JsonNode document) {
        StoredSet stored = new StoredSet(UUID.randomUUID(), 1, now(), document);
        jdbc.sql("""
                        insert into table_set (id, version, title, document, created_at, updated_at)
                        values (?, ?, ?, ?::json, ?, ?)
                        """)
                .params(
                        stored.id(),
                        stored.version(),
                        title(stored),
                        document.toString(),
                        at(stored.updatedAt()),
                        at(stored.updatedAt()))
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
        StoredSet stored = new StoredSet(id, seenVersion + 1, now(), SetFormat.tree(set));
        int changed = jdbc.sql("""
                        update table_set set version = ?, title = ?, document = ?::json, updated_at = ?
                        where id = ? and version = ? and deleted_at is null
                        """)
                .params(
                        stored.version(),
                        title(stored),
                        stored.set().toString(),
                        at(stored.updatedAt()),
                        id,
                        seenVersion)
                .update();
        return changed == 1 ? Optional.of(stored) : Optional.empty();
    }

    /**
     * Deletes a set of the version that the writer has seen.
     *
     * @return whether there was such a set to delete; otherwise nothing changed
     */
    @Transactional
    public boolean delete(UUID id, int seenVersion) {
        return jdbc.sql("update table_set set deleted_at = ? where id = ? and version = ? and deleted_at is null")
                        .params(at(now()), id, seenVersion)
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

    /** Forgets what was deleted too long ago to be brought back. */
    @Transactional
    public int forgetDeleted() {
        return jdbc.sql("delete from table_set where deleted_at <= ?")
                .param(at(now().minus(KEPT_DELETED)))
                .update();
    }

    private Instant now() {
        // as fine as the database keeps it
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static OffsetDateTime at(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }

    private static String title(StoredSet stored) {
        return stored.set().path(TITLE).asString();
    }

    private static StoredSet stored(ResultSet row, int number) throws SQLException {
        return new StoredSet(
                row.getObject("id", UUID.class),
                row.getInt("version"),
                instant(row, "updated_at"),
                SetFormat.kept(row.getString("document")));
    }
}
