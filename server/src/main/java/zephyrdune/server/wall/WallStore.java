package zephyrdune.server.wall;

import java.time.Clock;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.problems.Overtaken;
import zephyrdune.server.single.SingleDocument;

/** The one wall test of an installation. */
@Repository
class WallStore {

    private final SingleDocument kept;
    private final JsonMapper json;

    WallStore(JdbcClient jdbc, Clock clock, JsonMapper json) {
        kept = new SingleDocument(jdbc, clock, "wall_test");
        this.json = json;
    }

    Optional<WallDocument> find() {
        return kept.find().flatMap(this::read);
    }

    /** Nothing of one that another version of the program wrote in its own way. */
    private Optional<WallDocument> read(SingleDocument.Saved saved) {
        try {
            return Optional.of(json.readValue(saved.document(), WallDocument.class));
        } catch (JacksonException otherwise) {
            return Optional.empty();
        }
    }

    @Transactional
    public void begin(WallDocument test) {
        kept.delete();
        kept.replace(0, json.valueToTree(test));
    }

    /** @throws Overtaken where somebody else changed it meanwhile */
    @Transactional
    public WallDocument change(UnaryOperator<WallDocument> change) {
        SingleDocument.Saved saved = kept.find().orElseThrow(WallStore::missing);
        WallDocument changed = change.apply(read(saved).orElseThrow(WallStore::missing));
        kept.replace(saved.version(), json.valueToTree(changed)).orElseThrow(Overtaken::new);
        return changed;
    }

    @Transactional
    public void delete() {
        kept.delete();
    }

    static Missing missing() {
        return new Missing("No wall test is under way; begin one");
    }
}
