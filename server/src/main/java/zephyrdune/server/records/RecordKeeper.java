package zephyrdune.server.records;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.records.RecordStore.Unremembered;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.shoot.log.LightFacts;

/** Works out what is remembered of takes and frames, one by one, beside whatever else is asked for. */
@Component
class RecordKeeper {

    private static final Logger LOG = LoggerFactory.getLogger(RecordKeeper.class);

    private final RecordStore store;
    private final ComputeLimiter computing;
    private final AtomicBoolean working = new AtomicBoolean();

    RecordKeeper(RecordStore store, ComputeLimiter computing) {
        this.store = store;
        this.computing = computing;
    }

    /** Sees to it that everything is remembered in the end; returns how many are still to be worked out. */
    int catchUp() {
        store.rename();
        int left = store.countUnremembered();
        if (left > 0 && working.compareAndSet(false, true)) {
            next();
        }
        return left;
    }

    private void next() {
        List<Unremembered> one = store.unremembered(1);
        if (one.isEmpty()) {
            working.set(false);
            return;
        }
        computing.slowly(() -> facts(one.get(0).set())).whenComplete((facts, failure) -> {
            try {
                if (failure != null) {
                    LOG.warn(
                            "the light of record {} could not be worked out",
                            one.get(0).id(),
                            failure);
                }
                store.remember(one.get(0), failure == null ? facts : Optional.empty());
                next();
            } catch (RuntimeException e) {
                LOG.warn("the log could not be kept", e);
                working.set(false);
            }
        });
    }

    private static Optional<LightFacts> facts(JsonNode set) {
        try {
            return Optional.of(LightFacts.of(SetFormat.read(set)));
        } catch (BadFile e) {
            return Optional.empty();
        }
    }
}
