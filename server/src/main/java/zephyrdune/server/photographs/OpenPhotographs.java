package zephyrdune.server.photographs;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.server.problems.Missing;

/** The photographs and frames that were looked at last, decoded. Those that nobody keeps are only here, and gone with the server. */
@Component
public class OpenPhotographs {

    /** Each takes up to 20 MB. */
    private static final int MOST = 4;

    private final Map<UUID, PhotographFile> open = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, PhotographFile> eldest) {
            return size() > MOST;
        }
    };

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

    /**
     * Opens a kept one again where that is needed.
     *
     * @param kept the files of those that are
     */
    public PhotographFile find(UUID id, Function<UUID, Optional<byte[]>> kept) {
        PhotographFile found = get(id);
        if (found != null) {
            return found;
        }
        byte[] file = kept.apply(id)
                .orElseThrow(() -> new Missing("This photograph is no longer open here; open its file again"));
        try {
            PhotographFile again = PhotographFile.read(file);
            put(id, again);
            return again;
        } catch (BadFile damaged) {
            throw new IllegalStateException(damaged);
        }
    }
}
