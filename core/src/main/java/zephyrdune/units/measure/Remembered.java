package zephyrdune.units.measure;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * What was worked out for the values that were asked for last. Safe for several threads.
 *
 * @param <K> values with an equality of their own
 */
public final class Remembered<K, V> {

    private final Map<K, V> kept;

    /** @param most values to remember */
    public Remembered(int most) {
        kept = new LinkedHashMap<>(2 * most, 0.75F, true) {

            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** @param making works the value out; what it throws is not remembered */
    public V get(K key, Supplier<V> making) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        V made = making.get();
        synchronized (kept) {
            kept.put(key, made);
        }
        return made;
    }
}
