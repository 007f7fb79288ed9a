package saltdrum.core.check;

import java.lang.ref.WeakReference;
import java.util.Map;
import java.util.function.Supplier;
import saltdrum.core.LruMap;
import saltdrum.core.scene.Part;

/**
 * What was found out about parts: a scene has the same object again as long as nothing of it changes. The parts themselves are
 * not held: they are far larger. Safe for many threads.
 */
public final class PartCache<T> {
    private static final int MOST = 8_000;

    /** @param also what else it depends on */
    private record Key(int part, Object also) {}

    private record Entry<T>(WeakReference<Part> part, T value) {}

    private final Map<Key, Entry<T>> all = LruMap.of(MOST);

    public T of(Part part, Object also, Supplier<T> make) {
        Key key = new Key(System.identityHashCode(part), also);
        Entry<T> known = all.get(key);
        if (known == null || known.part.get() != part) {
            known = new Entry<>(new WeakReference<>(part), make.get());
            all.put(key, known);
        }
        return known.value;
    }
}
