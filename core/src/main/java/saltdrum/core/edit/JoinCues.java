package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** The cue and the one after it become one. */
public record JoinCues(long cueId) implements Edit {
    @Override
    public Track on(Track track) {
        return BreakEdits.join(track, List.of(cueId, Edits.nextOf(track, cueId)));
    }

    @Override
    public String said(Track before) {
        return "Join “" + EditDescriptions.cue(before, cueId) + "” with the next cue";
    }
}
