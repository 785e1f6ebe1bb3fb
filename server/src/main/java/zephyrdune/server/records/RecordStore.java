package zephyrdune.server.records;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.records.StoredRecord.RecordKind;
import zephyrdune.shoot.log.LightFact;
import zephyrdune.shoot.log.LightFacts;
import zephyrdune.shoot.log.LightSide;

/** The log in PostgreSQL: an entry for each take and frame whose set is known, found by its words. */
@Repository
class RecordStore {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** What there is to be remembered, whether it is remembered yet or not. */
    private static final String SOURCES = """
            (select id, 'TAKE' as kind, set_id, made_at as at, name, document from take where deleted_at is null
             union all
             select id, 'FRAME', set_id, added_at, name, document from frame
             where deleted_at is null and document is not null and lit) source
            """;

    /** Sets with the latest shoot that each is photographed at, and the words of both. */
    private static final String SHOWN = """
            with shot as materialized (
                select distinct on (shot -> 'set' ->> 'id') cast(shot -> 'set' ->> 'id' as uuid) as set_id, title, client
                from shoot, json_array_elements(document -> 'dishes') dish, json_array_elements(dish -> 'shots') shot
                where deleted_at is null and shot -> 'set' ->> 'id' ~ '^[0-9a-f-]{36}$'
                order by shot -> 'set' ->> 'id', day desc),
            shown as materialized (
                select t.id, t.title, shot.title as shoot, shot.client,
                    to_tsvector('simple', t.title || ' ' || coalesce(shot.title, '') || ' ' || coalesce(shot.client, '')) as vector
                from table_set t left join shot on shot.set_id = t.id where t.deleted_at is null)
            """;

    private static final String FOUND = """
            from record r
            join shown s on s.id = r.set_id
            left join record_note n on n.record_id = r.id
            where (exists (select 1 from take where take.id = r.id and take.deleted_at is null)
                or exists (select 1 from frame where frame.id = r.id and frame.deleted_at is null))
              and (:query = '' or r.vector || coalesce(n.vector, '') || s.vector @@ to_tsquery('simple', :query))
              and (:kind = '' or r.kind = :kind)
              and (:side = '' or r.side = :side)
              and (:softness = '' or position('|' || :softness || '|' in '|' || r.words || '|') > 0)
              and (:ids = '' or r.id = any(cast('{' || :ids || '}' as uuid[])))
              and (cast(:set as uuid) is null or r.set_id = :set)
              and (cast(:from as timestamptz) is null or r.at >= :from)
              and (cast(:to as timestamptz) is null or r.at < :to)
            """;

    private final JdbcClient jdbc;

    RecordStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A take or frame that is not remembered yet, and the set that it shows. */
    record Unremembered(UUID id, RecordKind kind, UUID setId, Instant at, String name, JsonNode set) {}

    List<Unremembered> unremembered(int most) {
        return jdbc.sql("select source.* from " + SOURCES
                        + " where not exists (select 1 from record r where r.id = source.id) order by at desc limit ?")
                .param(most)
                .query((row, number) -> new Unremembered(
                        row.getObject("id", UUID.class),
                        RecordKind.valueOf(row.getString("kind")),
                        row.getObject("set_id", UUID.class),
                        row.getObject("at", OffsetDateTime.class).toInstant(),
                        row.getString("name"),
                        SetFormat.kept(row.getString("document"))))
                .list();
    }

    /** Takes may have been given other names since. */
    @Transactional
    void rename() {
        jdbc.sql("update record r set name = take.name from take where take.id = r.id and take.name <> r.name")
                .update();
    }

    int countUnremembered() {
        return jdbc.sql("select count(*) from " + SOURCES
                        + " where not exists (select 1 from record r where r.id = source.id)")
                .query(Integer.class)
                .single();
    }

    /** One that cannot be worked out is remembered by its name alone. */
    @Transactional
    void remember(Unremembered one, Optional<LightFacts> facts) {
        jdbc.sql("""
                        insert into record (id, kind, set_id, at, name, side, facts, words)
                        select ?, ?, ?, ?, ?, ?, ?::json, ? where exists (select 1 from table_set where id = ?)
                        on conflict do nothing
                        """)
                .params(
                        one.id(),
                        one.kind().name(),
                        one.setId(),
                        one.at().atOffset(ZoneOffset.UTC),
                        one.name(),
                        facts.map(found -> found.side().name()).orElse(""),
                        facts.map(RecordStore::tree)
                                .orElseGet(JSON::createObjectNode)
                                .toString(),
                        facts.map(found -> String.join("|", found.words())).orElse(""),
                        one.setId())
                .update();
    }

    private static ObjectNode tree(LightFacts facts) {
        ObjectNode tree = JSON.createObjectNode();
        tree.put("clock", facts.clock());
        tree.put("height", facts.height());
        tree.put("elevation", facts.elevation());
        ObjectNode readings = tree.putObject("readings");
        facts.readings().forEach((fact, value) -> readings.put(fact.name(), value));
        return tree;
    }

    /** @param found how many there are in all */
    record RecordPage(List<StoredRecord> records, int found) {}

    /** What was kept last first. */
    RecordPage find(RecordSearch search, int from, int most) {
        List<Integer> found = new ArrayList<>();
        List<StoredRecord> records = bound(
                        "select r.*, s.title as set_title, n.notes, n.rating, s.shoot, s.client, count(*) over () as found "
                                + FOUND
                                + " order by r.at desc, r.id limit :most offset :skip",
                        search)
                .param("most", most)
                .param("skip", from)
                .query((row, number) -> {
                    found.add(row.getInt("found"));
                    return stored(row);
                })
                .list();
        return new RecordPage(records, found.isEmpty() ? 0 : found.get(0));
    }

    /** Some of them, in the order in which they are asked for. */
    List<StoredRecord> find(List<UUID> ids) {
        Map<UUID, StoredRecord> records = new HashMap<>();
        find(RecordSearch.of(ids), 0, ids.size()).records().forEach(record -> records.put(record.id(), record));
        return ids.stream().map(records::get).filter(Objects::nonNull).toList();
    }

    private JdbcClient.StatementSpec bound(String sql, RecordSearch search) {
        return jdbc.sql(SHOWN + sql)
                .param("query", search.query())
                .param("ids", search.ids().stream().map(UUID::toString).collect(Collectors.joining(",")))
                .param("kind", search.kind().map(Enum::name).orElse(""))
                .param("side", search.side().map(Enum::name).orElse(""))
                .param("softness", search.softness().orElse(""))
                .param("set", search.set().orElse(null))
                .param(
                        "from",
                        search.from().map(at -> at.atOffset(ZoneOffset.UTC)).orElse(null))
                .param("to", search.to().map(at -> at.atOffset(ZoneOffset.UTC)).orElse(null));
    }

    /** What is remembered of the light of all that a search finds. */
    Map<UUID, LightFacts> facts(RecordSearch search) {
        Map<UUID, LightFacts> facts = new HashMap<>();
        bound("select r.id, r.facts, r.words " + FOUND, search)
                .query((row, number) -> Map.entry(row.getObject("id", UUID.class), facts(row)))
                .list()
                .forEach(entry -> facts.put(entry.getKey(), entry.getValue()));
        return facts;
    }

    private static LightFacts facts(ResultSet row) throws SQLException {
        JsonNode tree = JSON.readTree(row.getString("facts"));
        Map<LightFact, Double> readings = new EnumMap<>(LightFact.class);
        for (LightFact fact : LightFact.values()) {
            JsonNode value = tree.path("readings").path(fact.name());
            if (value.isNumber()) {
                readings.put(fact, value.doubleValue());
            }
        }
        return new LightFacts(
                tree.path("clock").doubleValue(0),
                tree.path("height").doubleValue(0),
                tree.path("elevation").doubleValue(0),
                readings,
                words(row.getString("words")));
    }

    private static List<String> words(String joined) {
        return Arrays.stream(joined.split("\\|"))
                .filter(word -> !word.isEmpty())
                .distinct()
                .toList();
    }

    private static StoredRecord stored(ResultSet row) throws SQLException {
        LightFacts facts = facts(row);
        List<RecordedReading> readings = new ArrayList<>();
        facts.readings().forEach((fact, value) -> readings.add(RecordedReading.of(fact, value)));
        readings.sort(Comparator.comparing(RecordedReading::fact));
        return new StoredRecord(
                row.getObject("id", UUID.class),
                RecordKind.valueOf(row.getString("kind")),
                row.getObject("set_id", UUID.class),
                row.getString("set_title"),
                row.getString("name"),
                row.getObject("at", OffsetDateTime.class).toInstant(),
                row.getString("side").isEmpty() ? LightSide.ABOVE : LightSide.valueOf(row.getString("side")),
                readings,
                facts.words(),
                Optional.ofNullable(row.getString("notes")).orElse(""),
                row.getInt("rating"),
                Optional.ofNullable(row.getString("shoot")),
                Optional.ofNullable(row.getString("client")));
    }

    @Transactional
    void note(UUID id, String notes, int rating) {
        jdbc.sql("""
                        insert into record_note (record_id, notes, rating) values (?, ?, ?)
                        on conflict (record_id) do update set notes = excluded.notes, rating = excluded.rating
                        """).params(id, notes, rating).update();
    }

    /** The set as it stood. */
    Optional<JsonNode> set(UUID id) {
        return jdbc.sql("select document from " + SOURCES + " where id = ?")
                .param(id)
                .query((row, number) -> (JsonNode) SetFormat.kept(row.getString("document")))
                .optional();
    }
}
