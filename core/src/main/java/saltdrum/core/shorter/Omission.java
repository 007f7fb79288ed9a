package saltdrum.core.shorter;

import java.util.List;

/**
 * Words that may be left out.
 *
 * @param wordIds side by side
 * @param sure whether a reader hardly ever misses them; else only a person can tell
 * @param text of the words
 * @param fromMs up to {@code toMs}, where they are said
 */
public record Omission(Kind kind, List<Long> wordIds, boolean sure, String text, long cueId, int fromMs, int toMs) {
    /** Why they may go. */
    public enum Kind {
        FILLER("filler"),
        FALSE_START("false start"),
        DOUBLED("said twice"),
        THROAT("throat-clearing");

        public final String label;

        Kind(String label) {
            this.label = label;
        }
    }
}
