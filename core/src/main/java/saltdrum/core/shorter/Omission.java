package saltdrum.core.shorter;

import java.util.List;

/**
 * Words that may be left out.
 *
 * @param wordIds consecutive
 * @param sure whether readers hardly ever miss them; otherwise a person has to decide
 * @param text of the words
 * @param fromMs start of the stretch up to {@code toMs} in which they are said
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
