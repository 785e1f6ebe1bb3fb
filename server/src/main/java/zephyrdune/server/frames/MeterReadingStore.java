package zephyrdune.server.frames;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import zephyrdune.answers.frame.HandMeter;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;

/** Readings of hand meters in PostgreSQL. They go with their set. */
@Repository
class MeterReadingStore {

    private static final String COLUMNS =
            "select id, set_id, kind, value, document, reading, read_at from meter_reading ";

    private final JdbcClient jdbc;
    private final Clock clock;

    MeterReadingStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * One as it is kept.
     *
     * @param set as it stood
     * @param reading beside what was predicted; absent where an older version of the program worked it out
     */
    record KeptMeter(
            UUID id, UUID of, HandMeter meter, TableSet set, Optional<KeptReading> reading, OffsetDateTime readAt) {

        StoredMeterReading stored() {
            Double off = reading.flatMap(kept -> kept.patches().stream().findFirst())
                    .map(patch -> patch.measured() - patch.predicted())
                    .orElse(null);
            return new StoredMeterReading(id, meter.kind(), meter.value(), readAt.toInstant(), off);
        }
    }

    @Transactional
    KeptMeter add(UUID set, HandMeter meter, TableSet stood, KeptReading reading) {
        UUID id = UUID.randomUUID();
        OffsetDateTime now = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        jdbc.sql("""
                        insert into meter_reading (id, set_id, kind, value, document, reading, read_at)
                        values (?, ?, ?, ?, ?::json, ?::json, ?)
                        """)
                .params(
                        id,
                        set,
                        meter.kind().name(),
                        meter.value(),
                        SetFormat.tree(stood).toString(),
                        reading.written(),
                        now)
                .update();
        return new KeptMeter(id, set, meter, stood, Optional.of(reading), now);
    }

    /** A set's, in the order they were read in. */
    List<KeptMeter> of(UUID set) {
        return jdbc.sql(COLUMNS + "where set_id = ? order by read_at, id")
                .param(set)
                .query(MeterReadingStore::kept)
                .list();
    }

    /** The newest of all sets, in the order they were read in. */
    List<KeptMeter> newest(int most) {
        return jdbc.sql("select * from (" + COLUMNS + "order by read_at desc, id limit ?) newest order by read_at, id")
                .param(most)
                .query(MeterReadingStore::kept)
                .list();
    }

    void keepReading(UUID id, KeptReading reading) {
        jdbc.sql("update meter_reading set reading = ?::json where id = ?")
                .params(reading.written(), id)
                .update();
    }

    @Transactional
    boolean delete(UUID id) {
        return jdbc.sql("delete from meter_reading where id = ?").param(id).update() == 1;
    }

    private static KeptMeter kept(ResultSet row, int number) throws SQLException {
        String reading = row.getString("reading");
        return new KeptMeter(
                row.getObject("id", UUID.class),
                row.getObject("set_id", UUID.class),
                new HandMeter(HandMeter.Kind.valueOf(row.getString("kind")), row.getDouble("value")),
                FrameStore.set(row.getString("document")),
                reading == null ? Optional.empty() : KeptReading.read(reading),
                row.getObject("read_at", OffsetDateTime.class));
    }
}
