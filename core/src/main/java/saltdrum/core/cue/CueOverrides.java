package saltdrum.core.cue;

/**
 * What a hand or a caption file gave to a cue beside its words.
 *
 * @param showMs when it is to show, or null to follow its first word
 * @param hideMs when it is to go, or null to follow its last word
 * @param settings WebVTT cue settings that are kept for writing such a file again, or null
 */
public record CueOverrides(Integer showMs, Integer hideMs, String settings) {
    public CueOverrides {
        // No time lies before the clip.
        showMs = showMs == null ? null : Integer.valueOf(Math.max(0, showMs));
        hideMs = hideMs == null ? null : Integer.valueOf(Math.max(0, hideMs));
    }

    public CueOverrides moved(int byMs) {
        return new CueOverrides(showMs == null ? null : showMs + byMs, hideMs == null ? null : hideMs + byMs, settings);
    }
}
