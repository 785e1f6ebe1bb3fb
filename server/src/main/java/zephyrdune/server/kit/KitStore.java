package zephyrdune.server.kit;

import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.KitFormat;
import zephyrdune.kit.Kit;

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
        return jdbc.sql("select version, document::text as document from kit where id = 1")
                .query(KitStore::stored)
                .optional()
                .orElse(new StoredKit(0, Kit.EMPTY));
    }

    /**
     * Saves a kit on top of the version that the writer has seen.
     *
     * @return the kit as saved; nothing when it is no longer of that version, and then nothing changed
     */
    @Transactional
    public Optional<StoredKit> replace(int seenVersion, Kit kit) {
        String document = KitFormat.tree(kit).toString();
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        int changed = seenVersion == 0
                ? jdbc.sql("""
                                insert into kit (id, version, document, updated_at) values (1, 1, ?::jsonb, ?)
                                on conflict do nothing
                                """).params(document, now).update()
                : jdbc.sql("update kit set version = version + 1, document = ?::jsonb, updated_at = ? "
                                + "where id = 1 and version = ?")
                        .params(document, now, seenVersion)
                        .update();
        return changed == 1 ? Optional.of(new StoredKit(seenVersion + 1, kit)) : Optional.empty();
    }

    private static StoredKit stored(ResultSet row, int number) throws SQLException {
        try {
            Kit kit = KitFormat.read(row.getString("document").getBytes(StandardCharsets.UTF_8));
            return new StoredKit(row.getInt("version"), kit);
        } catch (BadFile e) {
            throw new IllegalStateException("the saved kit cannot be read: " + e.getMessage(), e);
        }
    }
}
