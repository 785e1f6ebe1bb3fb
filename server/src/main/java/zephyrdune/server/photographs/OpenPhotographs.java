package zephyrdune.server.photographs;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.server.problems.Missing;

/** The photographs that were looked at last, decoded. Those that nobody keeps are only here, and gone with the server. */
@Component
class OpenPhotographs {

    /** Each takes up to 20 MB. */
    private static final int MOST = 4;

    private final PhotographStore store;

    private final Map<UUID, PhotographFile> open = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, PhotographFile> eldest) {
            return size() > MOST;
        }
    };

    OpenPhotographs(PhotographStore store) {
        this.store = store;
    }

    UUID add(PhotographFile photograph) {
        UUID id = UUID.randomUUID();
        put(id, photograph);
        return id;
    }

    private synchronized void put(UUID id, PhotographFile photograph) {
        open.put(id, photograph);
    }

    private synchronized PhotographFile get(UUID id) {
        return open.get(id);
    }

    /** Opens a kept one again where that is needed. */
    PhotographFile find(UUID id) {
        PhotographFile found = get(id);
        if (found != null) {
            return found;
        }
        byte[] kept = store.picture(id)
                .orElseThrow(() -> new Missing("This photograph is no longer open here; open its file again"));
        try {
            PhotographFile again = PhotographFile.read(kept);
            put(id, again);
            return again;
        } catch (BadFile damaged) {
            throw new IllegalStateException(damaged);
        }
    }
}
