package zephyrdune.server.backup;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.ShootFormat;

/**
 * A shoot that is kept, with what happened at it.
 *
 * @param deletedAt absent for one that is not deleted
 */
record KeptShoot(
        UUID id,
        int version,
        OffsetDateTime createdAt,
        OffsetDateTime updatedAt,
        Optional<OffsetDateTime> deletedAt,
        JsonNode document,
        List<KeptEvent> events) {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** @param what as the database has it */
    record KeptEvent(UUID id, String dish, String what, OffsetDateTime at) {}

    KeptShoot {
        events = List.copyOf(events);
    }

    /** The same as it is kept in another installation, just now. */
    KeptShoot here(UUID anew, JsonNode on, Clock clock) {
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        List<KeptEvent> told = events.stream()
                .map(event -> new KeptEvent(UUID.randomUUID(), event.dish(), event.what(), event.at()))
                .toList();
        return new KeptShoot(anew, 1, now, now, Optional.empty(), on, told);
    }

    static List<KeptShoot> all(JdbcClient jdbc) {
        return jdbc.sql("select id, version, created_at, updated_at, deleted_at, document from shoot order by id")
                .query((row, n) -> shoot(row, jdbc))
                .list();
    }

    private static KeptShoot shoot(ResultSet row, JdbcClient jdbc) throws SQLException {
        UUID id = row.getObject("id", UUID.class);
        List<KeptEvent> events = jdbc.sql("select id, dish, what, at from shoot_event where shoot_id = ? order by id")
                .param(id)
                .query((event, n) -> new KeptEvent(
                        event.getObject("id", UUID.class),
                        event.getString("dish"),
                        event.getString("what"),
                        event.getObject("at", OffsetDateTime.class)))
                .list();
        return new KeptShoot(
                id,
                row.getInt("version"),
                row.getObject("created_at", OffsetDateTime.class),
                row.getObject("updated_at", OffsetDateTime.class),
                Optional.ofNullable(row.getObject("deleted_at", OffsetDateTime.class)),
                JSON.readTree(row.getString("document")),
                events);
    }

    void add(JdbcClient jdbc) {
        jdbc.sql("""
                        insert into shoot (id, version, title, client, day, document, created_at, updated_at, deleted_at)
                        values (?, ?, ?, ?, ?, ?::json, ?, ?, ?)
                        """)
                .params(
                        id,
                        version,
                        document.path("title").asString(""),
                        document.path("client").asString(""),
                        document.path("date").asString(""),
                        document.toString(),
                        createdAt,
                        updatedAt,
                        deletedAt.orElse(null))
                .update();
        for (KeptEvent event : events) {
            jdbc.sql("insert into shoot_event (id, shoot_id, dish, what, at) values (?, ?, ?, ?, ?)")
                    .params(event.id(), id, event.dish(), event.what(), event.at())
                    .update();
        }
    }

    ObjectNode entry() {
        ObjectNode node = JSON.createObjectNode();
        node.put("id", id.toString());
        node.put("version", version);
        node.put("createdAt", createdAt.toString());
        node.put("updatedAt", updatedAt.toString());
        deletedAt.ifPresent(at -> node.put("deletedAt", at.toString()));
        node.set("document", document);
        ArrayNode happened = node.putArray("events");
        for (KeptEvent event : events) {
            happened.addObject()
                    .put("id", event.id().toString())
                    .put("dish", event.dish())
                    .put("what", event.what())
                    .put("at", event.at().toString());
        }
        return node;
    }

    static KeptShoot read(JsonNode node) throws BadBackup {
        List<KeptEvent> events = new ArrayList<>();
        for (JsonNode event : node.path("events")) {
            events.add(new KeptEvent(
                    UUID.fromString(event.path("id").asString()),
                    event.path("dish").asString(),
                    event.path("what").asString(),
                    BackupEntries.time(event, "at")));
        }
        return new KeptShoot(
                UUID.fromString(node.path("id").asString()),
                node.path("version").intValue(),
                BackupEntries.time(node, "createdAt"),
                BackupEntries.time(node, "updatedAt"),
                node.has("deletedAt") ? Optional.of(BackupEntries.time(node, "deletedAt")) : Optional.empty(),
                BackupEntries.document(node, ShootFormat.FORMAT, ShootFormat.VERSION),
                events);
    }
}
