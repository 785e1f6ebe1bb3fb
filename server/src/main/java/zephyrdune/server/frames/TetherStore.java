package zephyrdune.server.frames;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which folder is watched, so that it still is when the application was stopped in between. */
@Repository
class TetherStore {

    private static final int ONLY = 1;

    private final JdbcClient jdbc;

    TetherStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** @param known what lay in the folder before, see {@link FolderFile#mark()} */
    record Watched(UUID set, String folder, Set<String> known) {}

    Optional<Watched> find() {
        return jdbc.sql("select set_id, folder, known from tether")
                .query((row, n) -> new Watched(
                        row.getObject("set_id", UUID.class),
                        row.getString("folder"),
                        row.getString("known").lines().collect(Collectors.toSet())))
                .optional();
    }

    void put(Watched watched) {
        jdbc.sql("""
                        insert into tether (id, set_id, folder, known) values (?, ?, ?, ?)
                        on conflict (id) do update
                        set set_id = excluded.set_id, folder = excluded.folder, known = excluded.known
                        """)
                .params(ONLY, watched.set(), watched.folder(), String.join("\n", watched.known()))
                .update();
    }

    void delete() {
        jdbc.sql("delete from tether").update();
    }
}
