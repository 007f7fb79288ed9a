package saltdrum.core.layout;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Part;
import saltdrum.core.track.Tracks;

/**
 * Caches parts of scenes up to a memory limit and evicts the least recently used. The limit is in bytes because a
 * part that moves by letter is ten times as large as a still one. Safe for many threads.
 */
final class ScenePartCache<K> {
    /** Approximate heap size of a part's objects in bytes, on a 64-bit machine. */
    private static final int A_PART = 600;

    private static final int A_MARK = 250;
    private static final int A_COAT = 100;
    private static final int A_LETTER = 40;
    private static final int A_TRACK = 80;
    private static final int A_KEYFRAME = 40;

    private final long mostBytes;
    private final Map<K, Part> parts = new LinkedHashMap<>(16, 0.75f, true);
    private long bytes;

    ScenePartCache(long mostBytes) {
        this.mostBytes = mostBytes;
    }

    /** Returns the cached part, or makes a new one outside the lock. */
    Part get(K key, Function<K, Part> made) {
        Part part;
        synchronized (this) {
            part = parts.get(key);
        }
        if (part == null) {
            part = made.apply(key);
            keep(key, part);
        }
        return part;
    }

    private synchronized void keep(K key, Part part) {
        Part before = parts.put(key, part);
        bytes += bytes(part) - (before == null ? 0 : bytes(before));
        for (Iterator<Part> eldest = parts.values().iterator(); bytes > mostBytes && parts.size() > 1; ) {
            bytes -= bytes(eldest.next());
            eldest.remove();
        }
    }

    synchronized int size() {
        return parts.size();
    }

    static long bytes(Part part) {
        return A_PART + bytes(part.marks());
    }

    private static long bytes(List<Mark> marks) {
        long sum = 0;
        for (Mark mark : marks) {
            sum += A_MARK + bytes(mark.tracks());
            if (mark instanceof Mark.Group group) {
                sum += bytes(group.marks()) + (group.each() == null ? 0 : bytes(group.each()));
            } else if (mark instanceof Mark.Glyphs glyphs) {
                sum += (long) A_LETTER * glyphs.glyphs().size()
                        + (long) A_COAT * glyphs.coats().size();
            } else if (mark instanceof Mark.Plate plate) {
                sum += (long) A_COAT * plate.coats().size();
            }
        }
        return sum;
    }

    private static long bytes(Tracks tracks) {
        long keys = tracks.numbers().stream()
                        .mapToLong(track -> track.keys().size())
                        .sum()
                + tracks.colours().stream()
                        .mapToLong(track -> track.keys().size())
                        .sum();
        return (long) A_TRACK * (tracks.numbers().size() + tracks.colours().size()) + A_KEYFRAME * keys;
    }
}
