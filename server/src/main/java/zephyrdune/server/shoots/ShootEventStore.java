package zephyrdune.server.shoots;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import zephyrdune.shoot.runsheet.ShootEvent;

/** What happened at shoots, in PostgreSQL: added to, never changed. */
@Repository
class ShootEventStore {

    private final JdbcClient jdbc;

    ShootEventStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The earliest first. */
    List<StoredEvent> of(UUID shoot) {
        return jdbc.sql("select id, dish, what, at from shoot_event where shoot_id = ? order by at, id")
                .param(shoot)
                .query((row, number) -> new StoredEvent(
                        row.getObject("id", UUID.class),
                        row.getString("dish"),
                        ShootEvent.What.valueOf(row.getString("what")),
                        row.getObject("at", OffsetDateTime.class).toInstant()))
                .list();
    }

    /** How much happened, for each shoot at which anything did. */
    Map<UUID, Integer> counts() {
        Map<UUID, Integer> counts = new LinkedHashMap<>();
        jdbc.sql("select shoot_id, count(*) as told from shoot_event group by shoot_id order by shoot_id")
                .query((RowCallbackHandler)
                        row -> counts.put(row.getObject("shoot_id", UUID.class), row.getInt("told")));
        return counts;
    }

    /** Keeps events, those that are there already once. */
    @Transactional
    List<StoredEvent> keep(UUID shoot, List<StoredEvent> events) {
        for (StoredEvent event : events) {
            jdbc.sql(
                            "insert into shoot_event (id, shoot_id, dish, what, at) values (?, ?, ?, ?, ?) on conflict do nothing")
                    .params(
                            event.id(),
                            shoot,
                            event.dish(),
                            event.what().name(),
                            OffsetDateTime.ofInstant(event.at(), ZoneOffset.UTC))
                    .update();
        }
        return of(shoot);
    }

    /** Takes one back. */
    @Transactional
    List<StoredEvent> takeBack(UUID shoot, UUID event) {
        jdbc.sql("delete from shoot_event where shoot_id = ? and id = ?")
                .params(shoot, event)
                .update();
        return of(shoot);
    }
}
