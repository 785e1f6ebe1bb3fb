package zephyrdune.server.takes;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.takes.StoredTake.PictureState;
import zephyrdune.set.TableSet;

/** Takes in PostgreSQL. They go with their set; a deleted one can be brought back as long as that is there. */
@Repository
class TakeStore {

    private static final String COLUMNS =
            "select id, name, about, off, document, picture is not null as pictured, fine, made_at from take ";

    private final JdbcClient jdbc;
    private final Clock clock;

    TakeStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A set's takes, the oldest first. */
    List<StoredTake> of(UUID set) {
        return jdbc.sql(COLUMNS + "where set_id = ? and deleted_at is null order by made_at, id")
                .param(set)
                .query(TakeStore::stored)
                .list();
    }

    Optional<StoredTake> find(UUID id) {
        return jdbc.sql(COLUMNS + "where id = ? and deleted_at is null")
                .param(id)
                .query(TakeStore::stored)
                .optional();
    }

    @Transactional
    StoredTake add(UUID of, String name, String about, List<String> off, TableSet set) {
        StoredTake take = new StoredTake(
                UUID.randomUUID(),
                name,
                about,
                off,
                PictureState.NONE,
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                SetFormat.tree(set));
        jdbc.sql("""
                        insert into take (id, set_id, name, about, off, document, fine, made_at)
                        values (?, ?, ?, ?, ?, ?::json, false, ?)
                        """)
                .params(
                        take.id(),
                        of,
                        name,
                        about,
                        String.join(",", off),
                        take.set().toString(),
                        at(take.madeAt()))
                .update();
        return take;
    }

    /** Keeps all of them, or none. */
    @Transactional
    void addAll(UUID of, List<TakesFile.Entry> entries) {
        for (TakesFile.Entry entry : entries) {
            StoredTake take = add(of, entry.name(), entry.about(), entry.off(), entry.set());
            entry.picture().ifPresent(picture -> picture(take.id(), picture, entry.fine()));
        }
    }

    /** Puts a picture to a take; a rough one never takes the place of a fine one. */
    @Transactional
    boolean picture(UUID id, byte[] picture, boolean fine) {
        jdbc.sql("update take set picture = ?, fine = ? where id = ? and (? or not fine)")
                .params(picture, fine, id, fine)
                .update();
        return find(id).isPresent();
    }

    /** Puts a rough picture to a take that still has none. */
    @Transactional
    void firstPicture(UUID id, byte[] picture) {
        jdbc.sql("update take set picture = ? where id = ? and picture is null")
                .params(picture, id)
                .update();
    }

    Optional<byte[]> picture(UUID id) {
        return jdbc.sql("select picture from take where id = ? and picture is not null")
                .param(id)
                .query((row, n) -> row.getBytes("picture"))
                .optional();
    }

    @Transactional
    Optional<StoredTake> rename(UUID id, String name) {
        jdbc.sql("update take set name = ? where id = ?").params(name, id).update();
        return find(id);
    }

    @Transactional
    boolean delete(UUID id) {
        return jdbc.sql("update take set deleted_at = ? where id = ? and deleted_at is null")
                        .params(at(clock.instant()), id)
                        .update()
                == 1;
    }

    @Transactional
    Optional<StoredTake> restore(UUID id) {
        jdbc.sql("update take set deleted_at = null where id = ?").param(id).update();
        return find(id);
    }

    private static OffsetDateTime at(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }

    private static StoredTake stored(ResultSet row, int number) throws SQLException {
        boolean pictured = row.getBoolean("pictured");
        return new StoredTake(
                row.getObject("id", UUID.class),
                row.getString("name"),
                row.getString("about"),
                Arrays.stream(row.getString("off").split(","))
                        .filter(word -> !word.isEmpty())
                        .toList(),
                !pictured ? PictureState.NONE : row.getBoolean("fine") ? PictureState.FINE : PictureState.ROUGH,
                row.getObject("made_at", OffsetDateTime.class).toInstant(),
                SetFormat.kept(row.getString("document")));
    }
}
