package saltdrum.media.clip;

import java.util.Map;
import java.util.function.Supplier;
import saltdrum.core.LruMap;

/** Values that are computed once for each key. Computes without a lock: two threads may compute the same value. */
final class LruCache<K, V> {
    private final Map<K, V> values;

    /** @param most entries that are kept */
    LruCache(int most) {
        values = LruMap.of(most);
    }

    V of(K key, Supplier<V> computed) {
        V known = values.get(key);
        if (known == null) {
            known = computed.get();
            values.put(key, known);
        }
        return known;
    }
}
