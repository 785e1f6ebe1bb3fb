package zephyrdune.server.backup;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Everything in the database, read at one moment and replaced at one. */
final class BackupStore {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONG_SECONDS = 300;

    private final JdbcClient jdbc;
    private final TransactionTemplate reading;
    private final TransactionTemplate writing;

    BackupStore(JdbcClient jdbc, PlatformTransactionManager transactions) {
        this.jdbc = jdbc;
        reading = new TransactionTemplate(transactions);
        reading.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        reading.setReadOnly(true);
        reading.setTimeout(LONG_SECONDS);
        writing = new TransactionTemplate(transactions);
        writing.setTimeout(LONG_SECONDS);
    }

    Kept read() {
        return read("");
    }

    /** A shoot that is not deleted. */
    Optional<KeptShoot> shoot(UUID id) {
        return KeptShoot.all(jdbc).stream()
                .filter(shoot -> shoot.id().equals(id) && shoot.deletedAt().isEmpty())
                .findFirst();
    }

    /** A shoot with what belongs to the sets that it is photographed on, and the kit. */
    Kept read(KeptShoot shoot, Set<UUID> sets) {
        String listed = sets.stream().map(UUID::toString).collect(Collectors.joining(","));
        return read(" where deleted_at is null and set_id = any(cast('{" + listed + "}' as uuid[]))")
                .only(shoot);
    }

    /** @param ofSets a condition on set_id and deleted_at; empty for everything */
    private Kept read(String ofSets) {
        return reading.execute(status -> new Kept(
                jdbc.sql("select id, version, created_at, updated_at, deleted_at, document from table_set"
                                + ofSets.replace("set_id", "id") + " order by id")
                        .query((row, n) -> new Kept.KeptSet(
                                row.getObject("id", UUID.class),
                                row.getInt("version"),
                                time(row, "created_at"),
                                time(row, "updated_at"),
                                Optional.ofNullable(time(row, "deleted_at")),
                                document(row)))
                        .list(),
                jdbc.sql("select id, set_id, name, about, off, picture, fine, made_at, deleted_at, document from take"
                                + ofSets + " order by id")
                        .query((row, n) -> take(row))
                        .list(),
                jdbc.sql("""
                                select id, set_id, name, hash, camera, taken_at, aperture, shutter, speed, width, height, picture, added_at,
                                    deleted_at, lit, counts, registration, document
                                from frame
                                """ + ofSets + " order by id")
                        .query((row, n) -> frame(row))
                        .list(),
                jdbc.sql("select id, set_id, kind, value, document, read_at from meter_reading"
                                + ofSets.replace("deleted_at is null and ", "") + " order by id")
                        .query((row, n) -> new Kept.KeptMeterReading(
                                row.getObject("id", UUID.class),
                                row.getObject("set_id", UUID.class),
                                row.getString("kind"),
                                row.getDouble("value"),
                                time(row, "read_at"),
                                document(row)))
                        .list(),
                jdbc.sql("select camera, style, learnt, learnt_at, in_use from tone_curve order by camera, style")
                        .query((row, n) -> new Kept.KeptToneCurve(
                                row.getString("camera"),
                                row.getString("style"),
                                time(row, "learnt_at"),
                                row.getBoolean("in_use"),
                                JSON.readTree(row.getString("learnt"))))
                        .list(),
                single("kit"),
                single("lookbook"),
                single("wall_test"),
                jdbc.sql("select id, title, client, picture, created_at, marks from photograph order by id")
                        .query((row, n) -> new Kept.KeptPhotograph(
                                row.getObject("id", UUID.class),
                                row.getString("title"),
                                row.getString("client"),
                                Base64.getEncoder().encodeToString(row.getBytes("picture")),
                                time(row, "created_at"),
                                JSON.readTree(row.getString("marks"))))
                        .list(),
                KeptShoot.all(jdbc),
                jdbc.sql("select record_id, notes, rating from record_note order by record_id")
                        .query((row, n) -> new Kept.KeptNote(
                                row.getObject("record_id", UUID.class), row.getString("notes"), row.getInt("rating")))
                        .list(),
                jdbc.sql("select what, done_at from done_once order by what")
                        .query((row, n) -> new Kept.DoneOnce(row.getString("what"), time(row, "done_at")))
                        .list()));
    }

    /** Puts all of a backup in the place of all that is there, or nothing. */
    void replace(Kept kept) {
        writing.executeWithoutResult(status -> {
            jdbc.sql(
                            "lock table table_set, take, frame, meter_reading, tone_curve, tether, kit, lookbook, wall_test, photograph, shoot, shoot_event, record_note, done_once")
                    .update();
            jdbc.sql("delete from take").update();
            jdbc.sql("delete from frame").update();
            jdbc.sql("delete from meter_reading").update();
            jdbc.sql("delete from tone_curve").update();
            jdbc.sql("delete from tether").update();
            jdbc.sql("delete from table_set").update();
            jdbc.sql("delete from kit").update();
            jdbc.sql("delete from lookbook").update();
            jdbc.sql("delete from wall_test").update();
            jdbc.sql("delete from photograph").update();
            jdbc.sql("delete from shoot").update();
            jdbc.sql("delete from record_note").update();
            jdbc.sql("delete from done_once").update();
            put(kept);
        });
    }

    /** Puts all of it beside what is there, or nothing. */
    void add(Kept kept) {
        writing.executeWithoutResult(status -> put(kept));
    }

    private void put(Kept kept) {
        for (Kept.KeptSet set : kept.sets()) {
            jdbc.sql("""
                                insert into table_set (id, version, title, document, created_at, updated_at, deleted_at)
                                values (?, ?, ?, ?::json, ?, ?, ?)
                                """)
                    .params(
                            set.id(),
                            set.version(),
                            set.document().path("title").asString(""),
                            set.document().toString(),
                            set.createdAt(),
                            set.updatedAt(),
                            set.deletedAt().orElse(null))
                    .update();
        }
        kept.takes().forEach(this::add);
        kept.frames().forEach(this::add);
        kept.meterReadings().forEach(this::add);
        kept.toneCurves().forEach(this::add);
        kept.kit().ifPresent(kit -> add("kit", kit));
        kept.lookbook().ifPresent(book -> add("lookbook", book));
        kept.wallTest().ifPresent(test -> add("wall_test", test));
        kept.photographs().forEach(this::add);
        kept.shoots().forEach(shoot -> shoot.add(jdbc));
        for (Kept.KeptNote note : kept.notes()) {
            jdbc.sql("insert into record_note (record_id, notes, rating) values (?, ?, ?)")
                    .params(note.record(), note.notes(), note.rating())
                    .update();
        }
        for (Kept.DoneOnce done : kept.doneOnce()) {
            jdbc.sql("insert into done_once (what, done_at) values (?, ?)")
                    .params(done.what(), done.doneAt())
                    .update();
        }
    }

    private Optional<Kept.KeptSingle> single(String table) {
        return jdbc.sql("select version, updated_at, document from " + table + " where id = 1")
                .query((row, n) -> new Kept.KeptSingle(row.getInt("version"), time(row, "updated_at"), document(row)))
                .optional();
    }

    private void add(String table, Kept.KeptSingle single) {
        jdbc.sql("insert into " + table + " (id, version, document, updated_at) values (1, ?, ?::json, ?)")
                .params(single.version(), single.document().toString(), single.updatedAt())
                .update();
    }

    private void add(Kept.KeptTake take) {
        jdbc.sql("""
                        insert into take (id, set_id, name, about, off, document, picture, fine, made_at, deleted_at)
                        values (?, ?, ?, ?, ?, ?::json, ?, ?, ?, ?)
                        """)
                .params(
                        take.id(),
                        take.set(),
                        take.name(),
                        take.about(),
                        take.off(),
                        take.document().toString(),
                        take.picture().isEmpty() ? null : Base64.getDecoder().decode(take.picture()),
                        take.fine(),
                        take.madeAt(),
                        take.deletedAt().orElse(null))
                .update();
    }

    private void add(Kept.KeptFrame frame) {
        jdbc.sql("""
                        insert into frame
                            (id, set_id, name, hash, camera, taken_at, aperture, shutter, speed, width, height, picture, added_at, deleted_at,
                            lit, counts, registration, document)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?::json, ?::json)
                        """)
                .params(
                        frame.id(),
                        frame.set(),
                        frame.name(),
                        frame.hash(),
                        frame.camera(),
                        frame.takenAt().orElse(null),
                        frame.aperture().orElse(null),
                        frame.shutter().orElse(null),
                        frame.speed().orElse(null),
                        frame.width(),
                        frame.height(),
                        Base64.getDecoder().decode(frame.picture()),
                        frame.addedAt(),
                        frame.deletedAt().orElse(null),
                        frame.lit(),
                        frame.counts().orElse(null),
                        frame.registration().map(JsonNode::toString).orElse(null),
                        frame.document().map(JsonNode::toString).orElse(null))
                .update();
    }

    private void add(Kept.KeptMeterReading meter) {
        jdbc.sql(
                        "insert into meter_reading (id, set_id, kind, value, document, read_at) values (?, ?, ?, ?, ?::json, ?)")
                .params(
                        meter.id(),
                        meter.set(),
                        meter.kind(),
                        meter.value(),
                        meter.document().toString(),
                        meter.readAt())
                .update();
    }

    private void add(Kept.KeptToneCurve curve) {
        jdbc.sql("insert into tone_curve (camera, style, learnt, learnt_at, in_use) values (?, ?, ?::json, ?, ?)")
                .params(curve.camera(), curve.style(), curve.learnt().toString(), curve.learntAt(), curve.inUse())
                .update();
    }

    private void add(Kept.KeptPhotograph photograph) {
        jdbc.sql("""
                        insert into photograph (id, title, client, marks, picture, created_at)
                        values (?, ?, ?, ?::json, ?, ?)
                        """)
                .params(
                        photograph.id(),
                        photograph.title(),
                        photograph.client(),
                        photograph.marks().toString(),
                        Base64.getDecoder().decode(photograph.picture()),
                        photograph.keptAt())
                .update();
    }

    private static Kept.KeptTake take(ResultSet row) throws SQLException {
        byte[] picture = row.getBytes("picture");
        return new Kept.KeptTake(
                row.getObject("id", UUID.class),
                row.getObject("set_id", UUID.class),
                row.getString("name"),
                row.getString("about"),
                row.getString("off"),
                picture == null ? "" : Base64.getEncoder().encodeToString(picture),
                row.getBoolean("fine"),
                time(row, "made_at"),
                Optional.ofNullable(time(row, "deleted_at")),
                document(row));
    }

    private static Kept.KeptFrame frame(ResultSet row) throws SQLException {
        return new Kept.KeptFrame(
                row.getObject("id", UUID.class),
                row.getObject("set_id", UUID.class),
                row.getString("name"),
                row.getString("hash"),
                row.getString("camera"),
                Optional.ofNullable(row.getObject("taken_at", LocalDateTime.class)),
                Optional.ofNullable(row.getObject("aperture", Double.class)),
                Optional.ofNullable(row.getObject("shutter", Double.class)),
                Optional.ofNullable(row.getObject("speed", Double.class)),
                row.getInt("width"),
                row.getInt("height"),
                Base64.getEncoder().encodeToString(row.getBytes("picture")),
                time(row, "added_at"),
                Optional.ofNullable(time(row, "deleted_at")),
                row.getBoolean("lit"),
                Optional.ofNullable(row.getObject("counts", Boolean.class)),
                Optional.ofNullable(row.getString("registration")).map(JSON::readTree),
                Optional.ofNullable(row.getString("document")).map(JSON::readTree));
    }

    private static OffsetDateTime time(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class);
    }

    private static JsonNode document(ResultSet row) throws SQLException {
        return JSON.readTree(row.getString("document"));
    }
}
