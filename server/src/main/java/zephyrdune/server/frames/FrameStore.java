package zephyrdune.server.frames;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.answers.frame.FrameRegistration;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;

/** Test frames in PostgreSQL. They go with their set; a deleted one can be brought back as long as that is there. */
@Repository
class FrameStore {

    private static final String COLUMNS = """
            select id, name, camera, taken_at, aperture, shutter, speed, width, height, length(picture) as bytes, added_at,
                document is not null as stood, lit, registration, counts
            from frame\s""";

    private static final JsonMapper JSON = new JsonMapper();

    private final JdbcClient jdbc;
    private final Clock clock;

    FrameStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A set's frames in the order they were taken in, those of which that is not known in the order they came in. */
    List<StoredFrame> of(UUID set) {
        return jdbc.sql(COLUMNS
                        + "where set_id = ? and deleted_at is null order by taken_at nulls last, added_at, name, id")
                .param(set)
                .query(FrameStore::stored)
                .list();
    }

    Optional<StoredFrame> find(UUID id) {
        return jdbc.sql(COLUMNS + "where id = ? and deleted_at is null")
                .param(id)
                .query(FrameStore::stored)
                .optional();
    }

    Optional<byte[]> picture(UUID id) {
        return jdbc.sql("select picture from frame where id = ?")
                .param(id)
                .query((row, number) -> row.getBytes("picture"))
                .optional();
    }

    /** The set as it stood when a frame was taken; nothing before that is told. */
    Optional<TableSet> set(UUID id) {
        return jdbc.sql("select document from frame where id = ? and document is not null")
                .param(id)
                .query((row, number) -> row.getString("document"))
                .optional()
                .map(FrameStore::set);
    }

    static TableSet set(String document) {
        try {
            return SetFormat.read(document.getBytes(StandardCharsets.UTF_8));
        } catch (BadFile damaged) {
            throw new IllegalStateException(damaged);
        }
    }

    /** Whether a set has a frame of this very file. */
    boolean has(UUID set, byte[] file) {
        return same(set, hash(file)).isPresent();
    }

    private Optional<StoredFrame> same(UUID set, String hash) {
        return jdbc.sql(COLUMNS + "where set_id = ? and hash = ? and deleted_at is null")
                .params(set, hash)
                .query(FrameStore::stored)
                .optional();
    }

    /** Keeps a frame; the same file is kept once. It lies on its picture as the one before it of the same camera and size does. */
    @Transactional
    StoredFrame add(UUID set, String name, byte[] file, PhotographFile photograph) {
        String hash = hash(file);
        jdbc.sql("""
                        insert into frame
                            (id, set_id, name, hash, camera, taken_at, aperture, shutter, speed, width, height, picture, added_at,
                            registration)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, (
                            select registration from frame where (set_id, camera, width, height) = (?, ?, ?, ?)
                            and deleted_at is null order by added_at desc, id limit 1))
                        on conflict (set_id, hash) where deleted_at is null do nothing
                        """)
                .params(
                        UUID.randomUUID(),
                        set,
                        name,
                        hash,
                        photograph.camera(),
                        photograph.takenAt().orElse(null),
                        told(photograph.settings().aperture()),
                        told(photograph.settings().shutter()),
                        told(photograph.settings().speed()),
                        photograph.width(),
                        photograph.height(),
                        photograph.jpeg(),
                        now(),
                        set,
                        photograph.camera(),
                        photograph.width(),
                        photograph.height())
                .update();
        return same(set, hash).orElseThrow();
    }

    private static Double told(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /** Tells how the set stood when a frame was taken. */
    @Transactional
    Optional<StoredFrame> stood(UUID id, TableSet set) {
        jdbc.sql("update frame set document = ?::json, reading = null where id = ?")
                .params(SetFormat.tree(set).toString(), id)
                .update();
        return find(id);
    }

    /** Tells whether the lights were on when a frame was taken. */
    @Transactional
    Optional<StoredFrame> lit(UUID id, boolean lit) {
        jdbc.sql("update frame set lit = ?, reading = null where id = ? and deleted_at is null")
                .params(lit, id)
                .update();
        return find(id);
    }

    /**
     * Tells how a frame lies on its picture.
     *
     * @param registration null where it is taken as it came in
     */
    @Transactional
    Optional<StoredFrame> register(UUID id, FrameRegistration registration) {
        jdbc.sql("update frame set registration = ?::json, reading = null where id = ? and deleted_at is null")
                .params(registration == null ? null : JSON.writeValueAsString(registration), id)
                .update();
        return find(id);
    }

    /**
     * Says whether a frame counts for what is learnt.
     *
     * @param counts null where that is judged by the others
     */
    @Transactional
    Optional<StoredFrame> counts(UUID id, Boolean counts) {
        jdbc.sql("update frame set counts = ? where id = ? and deleted_at is null")
                .params(counts, id)
                .update();
        return find(id);
    }

    /** Keeps what was read of a frame, unless it stood otherwise meanwhile. */
    @Transactional
    void keepReading(UUID id, TableSet set, KeptReading reading) {
        jdbc.sql("update frame set reading = ?::json where id = ? and document::text = ?::json::text")
                .params(reading.written(), id, SetFormat.tree(set).toString())
                .update();
    }

    /** Frames of all sets that count and of which it is known how their set stood, in the order they were taken in: the newest of them. */
    List<UUID> counting(int most) {
        return jdbc.sql("""
                        select id from (
                            select id, coalesce(taken_at::timestamptz, added_at) as at, added_at from frame
                            where deleted_at is null and document is not null and counts is not false
                            order by at desc, added_at desc, id limit ?) newest
                        order by at, added_at, id
                        """).param(most).query(UUID.class).list();
    }

    Optional<KeptReading> reading(UUID id) {
        return jdbc.sql("select reading from frame where id = ? and reading is not null")
                .param(id)
                .query((row, number) -> row.getString("reading"))
                .optional()
                .flatMap(KeptReading::read);
    }

    /** Frames of the same camera and set that were taken as it stood for one of them, in the order they were taken in. */
    List<StoredFrame> alike(UUID id) {
        return jdbc.sql(COLUMNS + """
                        where deleted_at is null and document is not null and (set_id, camera, lit, document::text) =
                            (select set_id, camera, lit, document::text from frame where id = ?)
                        order by taken_at nulls last, added_at, name, id
                        """).param(id).query(FrameStore::stored).list();
    }

    /** The set that a frame is of. */
    Optional<UUID> setOf(UUID id) {
        return jdbc.sql("select set_id from frame where id = ?")
                .param(id)
                .query(UUID.class)
                .optional();
    }

    @Transactional
    boolean delete(UUID id) {
        return jdbc.sql("update frame set deleted_at = ? where id = ? and deleted_at is null")
                        .params(now(), id)
                        .update()
                == 1;
    }

    /** Brings a deleted frame back, but where the same file has come in since. */
    @Transactional
    Optional<StoredFrame> restore(UUID id) {
        jdbc.sql("""
                        update frame set deleted_at = null where id = ? and not exists (
                            select 1 from frame other
                            where other.set_id = frame.set_id and other.hash = frame.hash and other.deleted_at is null)
                        """).param(id).update();
        return find(id);
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }

    private static String hash(byte[] file) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
        } catch (NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }

    private static FrameRegistration registration(String kept) {
        return kept == null ? null : JSON.readValue(kept, FrameRegistration.class);
    }

    private static StoredFrame stored(ResultSet row, int number) throws SQLException {
        return new StoredFrame(
                row.getObject("id", UUID.class),
                row.getString("name"),
                row.getString("camera"),
                row.getObject("taken_at", LocalDateTime.class),
                row.getObject("aperture", Double.class),
                row.getObject("shutter", Double.class),
                row.getObject("speed", Double.class),
                row.getInt("width"),
                row.getInt("height"),
                row.getLong("bytes"),
                row.getObject("added_at", OffsetDateTime.class).toInstant(),
                row.getBoolean("stood"),
                row.getBoolean("lit"),
                registration(row.getString("registration")),
                row.getObject("counts", Boolean.class));
    }
}
