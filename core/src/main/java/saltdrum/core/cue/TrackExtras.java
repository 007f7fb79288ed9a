package saltdrum.core.cue;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import saltdrum.core.BadInputException;

/**
 * Everything in a track besides its cues.
 *
 * @param unscripted speech that was heard but is not in the script, in order of time
 * @param regions WebVTT regions, preserved for export; or null
 * @param headlines fixed texts, in the order in which they are drawn
 * @param stands dismissed findings
 * @param speakers who speaks
 */
public record TrackExtras(
        List<Unscripted> unscripted,
        String regions,
        List<Headline> headlines,
        List<DismissedFinding> stands,
        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = Speakers.Nobody.class) Speakers speakers) {
    public static final TrackExtras NOTHING = new TrackExtras(List.of(), null, List.of(), List.of(), Speakers.NONE);

    public TrackExtras {
        speakers = speakers == null ? Speakers.NONE : speakers;
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
                .orElseThrow(() -> new BadInputException("That headline no longer exists. Nothing was changed."));
    }

    /**
     * A finding that a person dismissed.
     *
     * @param check its kind
     * @param at id of its word or cue; 0 for the track
     */
    public record DismissedFinding(String check, long at, String reason) {}

    public TrackExtras withStands(List<DismissedFinding> findings) {
        return new TrackExtras(unscripted, regions, headlines, findings, speakers);
    }

    public TrackExtras withUnscripted(List<Unscripted> heard) {
        return new TrackExtras(heard, regions, headlines, stands, speakers);
    }

    public TrackExtras withHeadlines(List<Headline> texts) {
        return new TrackExtras(unscripted, regions, texts, stands, speakers);
    }

    public TrackExtras withSpeakers(Speakers named) {
        return new TrackExtras(unscripted, regions, headlines, stands, named);
    }
}
