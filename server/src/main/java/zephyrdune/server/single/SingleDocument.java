package zephyrdune.server.single;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** The one row of a table: a document and how often it was saved. */
public final class SingleDocument {

    private final JdbcClient jdbc;
    private final Clock clock;
    private final String table;

    /** @param table its name, a constant of this program */
    public SingleDocument(JdbcClient jdbc, Clock clock, String table) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.table = table;
    }

    /** A document as it was saved, and how many saves that took. */
    public record Saved(int version, String document) {}

    /** Nothing before it was first saved. */
    public Optional<Saved> find() {
        return jdbc.sql("select version, document from " + table + " where id = 1")
                .query((row, number) -> new Saved(row.getInt("version"), row.getString("document")))
                .optional();
    }

    /**
     * Saves a document on top of the version that the writer has seen.
     *
     * @param seen 0 for none
     * @return the version it has now; nothing when it was saved since, and then nothing changed
     */
    public Optional<Integer> replace(int seen, JsonNode tree) {
        String document = tree.toString();
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        int changed = seen == 0
                ? jdbc.sql("insert into " + table + " (id, version, document, updated_at) values (1, 1, ?::json, ?)"
                                + " on conflict do nothing")
                        .params(document, now)
                        .update()
                : jdbc.sql("update " + table + " set version = version + 1, document = ?::json, updated_at = ?"
                                + " where id = 1 and version = ?")
                        .params(document, now, seen)
                        .update();
        return changed == 1 ? Optional.of(seen + 1) : Optional.empty();
    }

    /** As before it was first saved. */
    public void delete() {
        jdbc.sql("delete from " + table + " where id = 1").update();
    }
}
