package saltdrum.core.cue;

import java.util.List;
import saltdrum.core.BadInputException;

/**
 * What a track holds beside its cues.
 *
 * @param unscripted speech that was heard and is not in the script, in order of time
 * @param regions WebVTT regions that are kept for writing such a file again, or null
 * @param headlines fixed texts, in the order in which they are drawn
 * @param stands findings that are let stand
 */
public record Beside(List<Unscripted> unscripted, String regions, List<Headline> headlines, List<Standing> stands) {
    public static final Beside NOTHING = new Beside(List.of(), null, List.of(), List.of());

    public Beside {
        // Tracks from before there were headlines say nothing of them.
        stands = stands == null ? List.of() : List.copyOf(stands);
        headlines = headlines == null ? List.of() : List.copyOf(headlines);
        unscripted = unscripted == null ? List.of() : List.copyOf(unscripted);
    }

    /** @param text a rough guess at what was said, or empty */
    public record Unscripted(long id, int startMs, int endMs, String text) {
        public Unscripted withId(long newId) {
            return new Unscripted(newId, startMs, endMs, text);
        }
    }

    /** @throws BadInputException where it is gone */
    public Headline headline(long id) {
        return headlines.stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> new BadInputException("That headline is not there any more. Nothing was changed."));
    }

    /**
     * A finding that is let stand.
     *
     * @param check its kind
     * @param at id of its word or cue; 0 for the track
     */
    public record Standing(String check, long at, String reason) {}

    public Beside withStands(List<Standing> findings) {
        return new Beside(unscripted, regions, headlines, findings);
    }

    public Beside withUnscripted(List<Unscripted> heard) {
        return new Beside(heard, regions, headlines, stands);
    }

    public Beside withHeadlines(List<Headline> texts) {
        return new Beside(unscripted, regions, texts, stands);
    }
}
