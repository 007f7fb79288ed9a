package saltdrum.core;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A map that evicts the least recently used entry when it is full. Not Caffeine: its admission prefers frequently used
 * entries and may evict a new one at once, but a page asks next for what it got last (docs/decisions/0046).
 */
public final class LruMap<K, V> extends LinkedHashMap<K, V> {
    private static final long serialVersionUID = 1;

    private final int most;

    private LruMap(int most) {
        super(16, 0.75f, true);
        this.most = most;
    }

    /** An empty map, safe for many threads. @param most entries that are kept */
    public static <K, V> Map<K, V> of(int most) {
        return Collections.synchronizedMap(new LruMap<>(most));
    }

    @Override
    protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
        return size() > most;
    }
}
