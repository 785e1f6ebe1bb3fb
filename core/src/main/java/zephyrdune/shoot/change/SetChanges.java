package zephyrdune.shoot.change;

import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;

/** Changes between sets, each worked out once. */
public final class SetChanges {

    private final Map<MeasuredSet, Map<MeasuredSet, SetChange>> known = new IdentityHashMap<>();

    /** @param what the dish is called that comes next, where nothing is known of the sets */
    public SetChange between(Optional<MeasuredSet> from, Optional<MeasuredSet> to, String what) {
        if (from.isEmpty() || to.isEmpty()) {
            return SetChange.unknown(what);
        }
        return known.computeIfAbsent(from.get(), any -> new IdentityHashMap<>())
                .computeIfAbsent(to.get(), any -> SetChange.between(from.get(), to.get()));
    }
}
