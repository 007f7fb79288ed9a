package saltdrum.media.clip;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** A bounded cache that evicts the least recently used entry. Values are computed outside its lock. */
final class LruCache<K, V> {
    private final Map<K, V> values;

    /** @param most entries that are kept */
    LruCache(int most) {
        values = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    V of(K key, Supplier<V> computed) {
        synchronized (values) {
            V known = values.get(key);
            if (known != null) {
                return known;
            }
        }
        V value = computed.get();
        synchronized (values) {
            values.put(key, value);
        }
        return value;
    }
}
