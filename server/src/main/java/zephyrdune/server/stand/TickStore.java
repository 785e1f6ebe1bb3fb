package zephyrdune.server.stand;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.answers.setsheet.SheetPart;

/** Ticks in PostgreSQL. They go with their set. */
@Repository
class TickStore {

    private final JdbcClient jdbc;
    private final Clock clock;

    TickStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    List<Tick> of(UUID set) {
        return jdbc.sql(
                        "select part, number, measure, value, done, at from stand_tick where set_id = ? order by part, number, measure")
                .param(set)
                .query(TickStore::tick)
                .list();
    }

    /** Keeps ticks, of each line the one that was done last, whenever it comes in; one by a clock that is ahead counts as of now. */
    @Transactional
    List<Tick> keep(UUID set, List<Tick> ticks) {
        Instant now = clock.instant();
        for (Tick tick : ticks) {
            Instant at = tick.at().isAfter(now) ? now : tick.at();
            jdbc.sql("""
                            insert into stand_tick (set_id, part, number, measure, value, done, at) values (?, ?, ?, ?, ?, ?, ?)
                            on conflict (set_id, part, number, measure) do update
                            set value = excluded.value, done = excluded.done, at = excluded.at
                            where stand_tick.at <= excluded.at
                            """)
                    .params(
                            set,
                            tick.part().name(),
                            tick.number(),
                            tick.measure().name(),
                            tick.value(),
                            tick.done(),
                            OffsetDateTime.ofInstant(at, ZoneOffset.UTC))
                    .update();
        }
        return of(set);
    }

    private static Tick tick(ResultSet row, int number) throws SQLException {
        return new Tick(
                SheetPart.Kind.valueOf(row.getString("part")),
                row.getInt("number"),
                Measure.valueOf(row.getString("measure")),
                row.getDouble("value"),
                row.getBoolean("done"),
                row.getObject("at", OffsetDateTime.class).toInstant());
    }
}
