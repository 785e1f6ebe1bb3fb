package zephyrdune.server.looks;

import java.time.Clock;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.LookbookFormat;
import zephyrdune.server.single.SingleDocument;
import zephyrdune.set.look.Lookbook;

/** The one lookbook of an installation. */
@Repository
class LookbookStore {

    private final SingleDocument kept;

    LookbookStore(JdbcClient jdbc, Clock clock) {
        kept = new SingleDocument(jdbc, clock, "lookbook");
    }

    /** The lookbook; an empty one of version 0 before anything was saved. */
    StoredLookbook find() {
        return kept.find()
                .map(saved -> new StoredLookbook(saved.version(), LookbookFormat.kept(saved.document())))
                .orElseGet(() -> new StoredLookbook(0, LookbookFormat.tree(Lookbook.EMPTY)));
    }

    /** Saves a lookbook on top of the version that the writer has seen; nothing when it is no longer of that version. */
    @Transactional
    Optional<StoredLookbook> replace(int seenVersion, Lookbook book) {
        ObjectNode tree = LookbookFormat.tree(book);
        return kept.replace(seenVersion, tree).map(version -> new StoredLookbook(version, tree));
    }
}
