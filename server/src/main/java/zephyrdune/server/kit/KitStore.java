package zephyrdune.server.kit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.KitFormat;
import zephyrdune.set.kit.Kit;

/** The one kit of an installation. */
@Repository
public class KitStore {

    private final JdbcClient jdbc;
    private final Clock clock;

    KitStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** The kit; an empty one of version 0 before anything was saved. */
    public StoredKit find() {
        return jdbc.sql("select version, document from kit where id = 1")
                .query(KitStore::stored)
                .optional()
                .orElseGet(() -> new StoredKit(0, KitFormat.tree(Kit.EMPTY)));
    }

    /**
     * Saves a kit on top of the version that the writer has seen.
     *
     * @return the kit as saved; nothing when it is no longer of that version, and then nothing changed
     */
    @Transactional
    public Optional<StoredKit> replace(int seenVersion, Kit kit) {
        JsonNode tree = KitFormat.tree(kit);
        String document = tree.toString();
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        int changed = seenVersion == 0
                ? jdbc.sql("""
                                insert into kit (id, version, document, updated_at) values (1, 1, ?::json, ?)
                                on conflict do nothing
                                """).params(document, now).update()
                : jdbc.sql("update kit set version = version + 1, document = ?::json, updated_at = ? "
                                + "where id = 1 and version = ?")
                        .params(document, now, seenVersion)
                        .update();
        return changed == 1 ? Optional.of(new StoredKit(seenVersion + 1, tree)) : Optional.empty();
    }

    private static StoredKit stored(ResultSet row, int number) throws SQLException {
        return new StoredKit(row.getInt("version"), KitFormat.kept(row.getString("document")));
    }
}
