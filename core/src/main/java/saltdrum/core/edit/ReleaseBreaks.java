package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Breaks made by hand are let go. */
public record ReleaseBreaks(List<Long> cueIds) implements Edit {
    @Override
    public Track on(Track track) {
        return BreakEdits.release(track, cueIds);
    }

    @Override
    public String said(Track before) {
        return "Release the breaks of " + EditDescriptions.cues(before, cueIds);
    }
}
