package zephyrdune.server.shoots;

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
import zephyrdune.formats.ShootFormat;
import zephyrdune.server.shoots.StoredShoot.DeletedShoot;
import zephyrdune.server.shoots.StoredShoot.ShootSummary;
import zephyrdune.shoot.brief.Shoot;

/** Shoots in PostgreSQL. A deleted one is kept out of sight for a while and can be brought back. */
@Repository
public class ShootStore {

    private static final Duration KEPT_DELETED = Duration.ofDays(30);

    private final JdbcClient jdbc;
    private final Clock clock;

    ShootStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** All shoots that are not deleted, the latest day first. */
    List<ShootSummary> list() {
        return jdbc.sql("""
                        select id, version, updated_at, title, client, day, json_array_length(document -> 'dishes') as dishes
                        from shoot where deleted_at is null order by day desc, updated_at desc
                        """)
                .query((row, number) -> new ShootSummary(
                        row.getObject("id", UUID.class),
                        row.getInt("version"),
                        instant(row, "updated_at"),
                        row.getString("title"),
                        row.getString("client"),
                        row.getString("day"),
                        row.getInt("dishes")))
                .list();
    }

    List<DeletedShoot> deleted() {
        return jdbc.sql("select id, deleted_at, title from shoot where deleted_at > ? order by deleted_at desc")
                .param(at(now().minus(KEPT_DELETED)))
                .query((row, number) -> new DeletedShoot(
                        row.getObject("id", UUID.class), instant(row, "deleted_at"), row.getString("title")))
                .list();
    }

    Optional<StoredShoot> find(UUID id) {
        return jdbc.sql("select id, version, updated_at, document from shoot where id = ? and deleted_at is null")
                .param(id)
                .query(ShootStore::stored)
                .optional();
    }

    @Transactional
    public StoredShoot add(Shoot shoot) {
        StoredShoot stored = new StoredShoot(UUID.randomUUID(), 1, now(), ShootFormat.tree(shoot));
        jdbc.sql("""
                        insert into shoot (id, version, title, client, day, document, created_at, updated_at)
                        values (?, ?, ?, ?, ?, ?::json, ?, ?)
                        """)
                .params(
                        stored.id(),
                        stored.version(),
                        shoot.title(),
                        shoot.client(),
                        shoot.date(),
                        stored.shoot().toString(),
                        at(stored.updatedAt()),
                        at(stored.updatedAt()))
                .update();
        return stored;
    }

    /**
     * Saves a shoot on top of the version that the writer has seen.
     *
     * @return the shoot as saved; nothing when it is not there or no longer of that version, and then nothing changed
     */
    @Transactional
    public Optional<StoredShoot> replace(UUID id, int seen, Shoot shoot) {
        JsonNode tree = ShootFormat.tree(shoot);
        StoredShoot stored = new StoredShoot(id, seen + 1, now(), tree);
        int changed = jdbc.sql("""
                        update shoot set version = ?, title = ?, client = ?, day = ?, document = ?::json, updated_at = ?
                        where id = ? and version = ? and deleted_at is null
                        """)
                .params(
                        stored.version(),
                        shoot.title(),
                        shoot.client(),
                        shoot.date(),
                        tree.toString(),
                        at(stored.updatedAt()),
                        id,
                        seen)
                .update();
        return changed == 1 ? Optional.of(stored) : Optional.empty();
    }

    /** @return whether there was such a shoot of that version to delete */
    @Transactional
    public boolean delete(UUID id, int seen) {
        return jdbc.sql("update shoot set deleted_at = ? where id = ? and version = ? and deleted_at is null")
                        .params(at(now()), id, seen)
                        .update()
                == 1;
    }

    /** Brings a deleted shoot back; one that is not deleted is left as it is. */
    @Transactional
    public Optional<StoredShoot> restore(UUID id) {
        jdbc.sql("update shoot set deleted_at = null where id = ?").param(id).update();
        return find(id);
    }

    private static StoredShoot stored(ResultSet row, int number) throws SQLException {
        return new StoredShoot(
                row.getObject("id", UUID.class),
                row.getInt("version"),
                instant(row, "updated_at"),
                ShootFormat.kept(row.getString("document")));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static OffsetDateTime at(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
