package saltdrum.core.track;

import java.util.List;
import java.util.function.ToDoubleFunction;

/** The position of a time between keys. */
final class Segments {
    private Segments() {}

    /** Index of the last key that is not later than t; 0 before all of them. */
    static <K> int at(List<K> keys, ToDoubleFunction<K> time, double t) {
        int i = 0;
        while (i + 1 < keys.size() && time.applyAsDouble(keys.get(i + 1)) <= t) {
            i++;
        }
        return i;
    }

    static <K> void check(List<K> keys, ToDoubleFunction<K> time) {
        if (keys.isEmpty()) {
            throw new IllegalArgumentException("a track without keys");
        }
        for (int i = 1; i < keys.size(); i++) {
            if (time.applyAsDouble(keys.get(i)) < time.applyAsDouble(keys.get(i - 1))) {
                throw new IllegalArgumentException("keys run backward: " + keys);
            }
        }
    }
}
