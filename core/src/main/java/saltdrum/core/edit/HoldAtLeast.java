package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;

/** Cues are shown at least this long, where there is room. No cue ids: the track. */
public record HoldAtLeast(@MayBeMissing List<Long> cueIds, int leastMs) implements Edit {
    @Override
    public Track on(Track track) {
        return ShowingEdits.hold(track, this);
    }

    @Override
    public String said(Track before) {
        return "Show at least " + leastMs + " ms" + EditDescriptions.of(cueIds);
    }
}
