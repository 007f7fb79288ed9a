package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;

/** The cues of a caption file take the place of all; their breaks stand. Language null keeps the track's. */
public record BringInCues(String language, List<Cue> cues, String regions) implements Edit {
    @Override
    public Track on(Track track) {
        return BringInEdits.bringIn(track, this);
    }

    @Override
    public String said(Track before) {
        return "Bring in " + Said.count(cues.size(), "cue") + " of a file";
    }
}
