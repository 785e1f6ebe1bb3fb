package zephyrdune.server.photographs;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import zephyrdune.answers.photograph.PhotographMarks;
import zephyrdune.formats.MarksFormat;

/** Kept photographs in PostgreSQL. */
@Repository
class PhotographStore {

    private static final String COLUMNS = "select id, title, client, marks, created_at from photograph ";

    private final JdbcClient jdbc;
    private final Clock clock;

    PhotographStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** All of them, client by client, the oldest first. */
    List<KeptPhotograph> all() {
        return jdbc.sql(COLUMNS + "order by client, created_at, id")
                .query(PhotographStore::stored)
                .list();
    }

    Optional<KeptPhotograph> find(UUID id) {
        return jdbc.sql(COLUMNS + "where id = ?")
                .param(id)
                .query(PhotographStore::stored)
                .optional();
    }

    Optional<byte[]> picture(UUID id) {
        return jdbc.sql("select picture from photograph where id = ?")
                .param(id)
                .query((row, number) -> row.getBytes("picture"))
                .optional();
    }

    /** Keeps a photograph, or what is said of one that is kept. */
    @Transactional
    KeptPhotograph keep(UUID id, String title, String client, PhotographMarks marks, byte[] picture) {
        OffsetDateTime now = clock.instant().truncatedTo(ChronoUnit.MICROS).atOffset(ZoneOffset.UTC);
        jdbc.sql("""
                        insert into photograph (id, title, client, marks, picture, created_at)
                        values (?, ?, ?, ?::json, ?, ?)
                        on conflict (id) do update
                        set title = excluded.title, client = excluded.client, marks = excluded.marks
                        """)
                .params(id, title, client, MarksFormat.tree(marks).toString(), picture, now)
                .update();
        return find(id).orElseThrow();
    }

    void delete(UUID id) {
        jdbc.sql("delete from photograph where id = ?").param(id).update();
    }

    private static KeptPhotograph stored(ResultSet row, int number) throws SQLException {
        return new KeptPhotograph(
                row.getObject("id", UUID.class),
                row.getString("title"),
                row.getString("client"),
                MarksFormat.kept(row.getString("marks")),
                row.getObject("created_at", OffsetDateTime.class).toInstant());
    }
}
