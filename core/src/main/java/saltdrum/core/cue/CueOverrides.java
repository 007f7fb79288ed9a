package saltdrum.core.cue;

/**
 * What a person or a caption file set for a cue in addition to its words.
 *
 * @param showMs start time; null to follow its first word
 * @param hideMs end time; null to follow its last word
 * @param settings WebVTT cue settings, preserved for export; or null
 */
public record CueOverrides(Integer showMs, Integer hideMs, String settings) {
    public CueOverrides {
        // No time is before the start of the clip.
        showMs = showMs == null ? null : Integer.valueOf(Math.max(0, showMs));
        hideMs = hideMs == null ? null : Integer.valueOf(Math.max(0, hideMs));
    }

    public CueOverrides moved(int byMs) {
        return new CueOverrides(showMs == null ? null : showMs + byMs, hideMs == null ? null : hideMs + byMs, settings);
    }
}
