package zephyrdune.server.kit;

import java.time.Clock;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.KitFormat;
import zephyrdune.server.single.SingleDocument;
import zephyrdune.set.kit.Kit;

/** The one kit of an installation. */
@Repository
public class KitStore {

    private final SingleDocument kept;

    KitStore(JdbcClient jdbc, Clock clock) {
        kept = new SingleDocument(jdbc, clock, "kit");
    }

    /** The kit; an empty one of version 0 before anything was saved. */
    public StoredKit find() {
        return kept.find()
                .map(saved -> new StoredKit(saved.version(), KitFormat.kept(saved.document())))
                .orElseGet(() -> new StoredKit(0, KitFormat.tree(Kit.EMPTY)));
    }

    /**
     * Saves a kit on top of the version that the writer has seen.
     *
     * @return the kit as saved; nothing when it is no longer of that version, and then nothing changed
     */
    @Transactional
    public Optional<StoredKit> replace(int seenVersion, Kit kit) {
        ObjectNode tree = KitFormat.tree(kit);
        return kept.replace(seenVersion, tree).map(version -> new StoredKit(version, tree));
    }
}
