package zephyrdune.server.answers;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleConsumer;
import org.springframework.stereotype.Component;

/** How far picture files have come that are being traced, by the name that whoever asked gave to each. */
@Component
class PictureProgress {

    private final Map<UUID, Double> shares = new ConcurrentHashMap<>();

    /** Tells of one until it is {@link #done}. */
    DoubleConsumer of(UUID name) {
        shares.put(name, 0.0);
        return share -> shares.computeIfPresent(name, (same, before) -> share);
    }

    void done(UUID name) {
        shares.remove(name);
    }

    /** From 0 to 1; absent for one that is not being traced. */
    OptionalDouble share(UUID name) {
        Double share = shares.get(name);
        return share == null ? OptionalDouble.empty() : OptionalDouble.of(share);
    }
}
