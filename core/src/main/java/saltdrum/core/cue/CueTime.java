package saltdrum.core.cue;

import java.util.ArrayList;
import java.util.List;

/** The time span in which a cue is shown, milliseconds; {@code showMs < hideMs}, and no two cues of a track overlap. */
public record CueTime(int showMs, int hideMs) {

    /**
     * The times of a track's cues, derived from their words by the recipe: lead-in before, hold after, short gaps
     * bridged, short cues extended into free room, and no gap left that would only flash. Explicit times are respected
     * as far as words, neighbours and the clip's end allow. One entry a cue, in order.
     */
    public static List<CueTime> of(Track track) {
        List<Cue> cues = track.cues();
        Recipe recipe = track.recipe();
        int endMs = track.endMs();
        List<CueTime> times = new ArrayList<>(cues.size());
        for (int i = 0; i < cues.size(); i++) {
            Cue cue = cues.get(i);
            int show = show(cues, i, recipe);
            int last = cue.lastWordMs();
            Integer given = cue.given() == null ? null : cue.given().hideMs();
            int hide = given != null
                    ? Math.max(given, last)
                    : Math.max(last + recipe.holdMs(), show + recipe.shortestMs());
            if (i + 1 < cues.size()) {
                int nextShow = show(cues, i + 1, recipe);
                boolean flashes = nextShow - hide < SHORTEST_GAP_MS;
                boolean bridged = given == null && (flashes || nextShow - last <= recipe.bridgeMs());
                hide = bridged ? nextShow : Math.min(hide, nextShow);
            }
            times.add(new CueTime(show, Math.min(hide, endMs)));
        }
        return times;
    }

    /** A caption that is gone for less than this flashes; as in the checks. Common practice, no source. */
    public static final int SHORTEST_GAP_MS = 120;

    /** Several words that are shown for less are not read; as in the checks. Common practice, no source. */
    public static final int SHORTEST_MS = 500;

    /** A single word that is shown for less is not seen; as in the checks. Common practice, no source. */
    public static final int GLANCE_MS = 100;

    /** A shorter silence is not felt as one. Common practice, no source. */
    private static final int SHORTEST_REST_MS = 300;

    /** Length of the rest before a cue, ms; 0 where there is none. */
    public static int restBefore(List<CueTime> times, int index) {
        int gap = times.get(index).showMs - (index == 0 ? 0 : times.get(index - 1).hideMs);
        return gap < SHORTEST_REST_MS ? 0 : gap;
    }

    /** A cue can be added after the last one when at least this much of the clip is left. Common practice, no source. */
    private static final int SHORTEST_END_MS = 1000;

    /** Length of the clip after its last cue, ms; 0 where there is no room for another one. */
    public static int restAtEnd(List<CueTime> times, int lengthMs) {
        int rest = times.isEmpty() ? lengthMs : lengthMs - times.get(times.size() - 1).hideMs;
        return rest < SHORTEST_END_MS ? 0 : rest;
    }

    private static int show(List<Cue> cues, int index, Recipe recipe) {
        Cue cue = cues.get(index);
        Integer given = cue.given() == null ? null : cue.given().showMs();
        int wanted =
                given != null ? Math.min(given, cue.firstWordMs()) : Math.max(0, cue.firstWordMs() - recipe.leadInMs());
        return index == 0 ? wanted : Math.max(wanted, cues.get(index - 1).lastWordMs());
    }
}
