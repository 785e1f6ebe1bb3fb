package zephyrdune.server.pictures;

import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Small pictures of saved sets. */
@Repository
class SetPictureStore {

    private final JdbcClient jdbc;

    SetPictureStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The picture of a set as it was saved in a version. */
    Optional<byte[]> find(UUID set, int version) {
        return jdbc.sql("select picture from set_picture where set_id = ? and version = ?")
                .params(set, version)
                .query((row, n) -> row.getBytes("picture"))
                .optional();
    }

    /** Keeps a picture; one of a later version stays, and none is kept of a set that is gone meanwhile. */
    @Transactional
    void keep(UUID set, int version, byte[] picture) {
        try {
            jdbc.sql("""
                            insert into set_picture (set_id, version, picture) values (?, ?, ?)
                            on conflict (set_id) do update set version = excluded.version, picture = excluded.picture
                            where set_picture.version <= excluded.version
                            """).params(set, version, picture).update();
        } catch (DataIntegrityViolationException gone) {
            // nobody looks at it any more
        }
    }
}
