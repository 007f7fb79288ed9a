package saltdrum.core.cue;

import java.util.List;

/**
 * What a track holds beside its cues.
 *
 * @param unscripted speech that was heard and is not in the script, in order of time
 * @param regions WebVTT regions that are kept for writing such a file again, or null
 */
public record Beside(List<Unscripted> unscripted, String regions) {
    public static final Beside NOTHING = new Beside(List.of(), null);

    public Beside {
        unscripted = unscripted == null ? List.of() : List.copyOf(unscripted);
    }

    /** @param text a rough guess at what was said, or empty */
    public record Unscripted(long id, int startMs, int endMs, String text) {}

    public Beside withUnscripted(List<Unscripted> heard) {
        return new Beside(heard, regions);
    }
}
