package saltdrum.server.work.speech;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.stereotype.Component;
import saltdrum.core.LruMap;

/**
 * Suggests corrections for unknown words. One word takes some 20 to 50 ms, so a request waits only for a few of them;
 * the others are computed in the background for the next request.
 */
@Component
public class SpellingSuggestions {
    /** New words that one look waits for. */
    static final int MOST_AWAITED = 4;

    private static final int MOST_KEPT = 10_000;
    private static final int MOST_OFFERED = 2;

    private record Asked(String language, String word) {}

    private final Dictionaries dictionaries;
    private final ExecutorService aside = Executors.newSingleThreadExecutor(SpellingSuggestions::quiet);
    private final Map<Asked, Boolean> underWay = new ConcurrentHashMap<>();
    private final Map<Asked, List<String>> known = LruMap.of(MOST_KEPT);

    SpellingSuggestions(Dictionaries dictionaries) {
        this.dictionaries = dictionaries;
    }

    private static Thread quiet(Runnable work) {
        Thread thread = new Thread(work, "likely-words");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** One look at one track, which is for one thread. */
    public final class Look {
        private final String language;
        private int awaited;
        private boolean unfinished;

        private Look(String language) {
            this.language = language;
        }

        /** The likeliest first; none where nothing is likely or it is still being looked up. */
        public List<String> of(String word) {
            Asked asked = new Asked(language, word);
            List<String> found = known.get(asked);
            if (found != null) {
                return found;
            }
            if (awaited < MOST_AWAITED) {
                awaited++;
                return find(asked);
            }
            unfinished = true;
            if (underWay.putIfAbsent(asked, true) == null) {
                aside.execute(() -> find(asked));
            }
            return List.of();
        }

        /** Whether words of this look are still being looked up. */
        public boolean unfinished() {
            return unfinished;
        }
    }

    public Look look(String language) {
        return new Look(language);
    }

    private List<String> find(Asked asked) {
        List<String> likely = List.of();
        try {
            likely = dictionaries
                    .of(asked.language)
                    .map(spelling -> spelling.suggestions(asked.word).stream()
                            .limit(MOST_OFFERED)
                            .toList())
                    .orElse(List.of());
        } finally {
            // Also where the search failed: a page would ask again for ever.
            known.put(asked, likely);
            underWay.remove(asked);
        }
        return likely;
    }

    @PreDestroy
    void stop() {
        aside.shutdownNow();
    }
}
