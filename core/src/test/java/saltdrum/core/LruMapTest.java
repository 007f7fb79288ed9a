package saltdrum.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class LruMapTest {
    @Test
    void theEntryThatWasNotUsedForLongestIsEvicted() {
        Map<String, Integer> map = LruMap.of(2);
        map.put("a", 1);
        map.put("b", 2);
        assertThat(map.get("a")).isEqualTo(1);
        map.put("c", 3);
        assertThat(map).containsOnlyKeys("a", "c");
    }

    /** A frequently used entry does not keep a new one out. */
    @Test
    void aNewEntryStays() {
        Map<String, Integer> map = LruMap.of(1);
        map.put("old", 1);
        for (int i = 0; i < 100; i++) {
            map.get("old");
        }
        map.put("new", 2);
        assertThat(map).containsOnlyKeys("new");
    }
}
