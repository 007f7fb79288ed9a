package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Cues side by side become one. */
public record JoinRun(List<Long> cueIds) implements Edit {
    @Override
    public Track on(Track track) {
        return BreakEdits.join(track, cueIds);
    }

    @Override
    public String said(Track before) {
        return "Join " + EditDescriptions.count(cueIds.size(), "cue");
    }
}
