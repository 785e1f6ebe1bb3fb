package zephyrdune.server.frames;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.answers.tone.LearntToneCurve;
import zephyrdune.answers.tone.ToneCurve;

/** Tone curves in PostgreSQL: of each camera one at most is in use. */
@Repository
public class ToneCurveStore {

    private static final JsonMapper JSON = new JsonMapper();

    private final JdbcClient jdbc;
    private final Clock clock;

    ToneCurveStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    List<StoredToneCurve> of(String camera) {
        return jdbc.sql(
                        "select camera, style, learnt, learnt_at, in_use from tone_curve where camera = ? order by style")
                .param(camera)
                .query(ToneCurveStore::stored)
                .list();
    }

    /** What a camera's files are read by. */
    public ToneCurve inUse(String camera) {
        return of(camera).stream()
                .filter(StoredToneCurve::inUse)
                .findFirst()
                .map(stored -> stored.learnt().curve())
                .orElse(ToneCurve.SRGB);
    }

    /** Keeps a curve in the place of one of the same name; the camera's files are read by it from now on. */
    @Transactional
    void keep(String camera, String style, LearntToneCurve learnt) {
        jdbc.sql("""
                        insert into tone_curve (camera, style, learnt, learnt_at) values (?, ?, ?::json, ?)
                        on conflict (camera, style) do update set learnt = excluded.learnt, learnt_at = excluded.learnt_at
                        """)
                .params(
                        camera,
                        style,
                        JSON.writeValueAsString(learnt),
                        OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .update();
        use(camera, style);
    }

    /**
     * Has a camera's files read by one of its curves, and all its frames read anew.
     *
     * @param style empty for sRGB
     * @return whether there is such a curve
     */
    @Transactional
    boolean use(String camera, String style) {
        jdbc.sql("update tone_curve set in_use = false where camera = ?")
                .param(camera)
                .update();
        int found = jdbc.sql("update tone_curve set in_use = true where camera = ? and style = ?")
                .params(camera, style)
                .update();
        forgetReadings(camera);
        return found == 1 || style.isEmpty();
    }

    @Transactional
    boolean delete(String camera, String style) {
        forgetReadings(camera);
        return jdbc.sql("delete from tone_curve where camera = ? and style = ?")
                        .params(camera, style)
                        .update()
                == 1;
    }

    private void forgetReadings(String camera) {
        jdbc.sql("update frame set reading = null where camera = ?")
                .param(camera)
                .update();
    }

    private static StoredToneCurve stored(ResultSet row, int number) throws SQLException {
        return new StoredToneCurve(
                row.getString("camera"),
                row.getString("style"),
                JSON.readValue(row.getString("learnt"), LearntToneCurve.class),
                row.getObject("learnt_at", OffsetDateTime.class).toInstant(),
                row.getBoolean("in_use"));
    }
}
