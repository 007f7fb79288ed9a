package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

public record DeleteCues(List<Long> cueIds) implements Edit {
    @Override
    public Track on(Track track) {
        return Edits.delete(track, cueIds);
    }

    @Override
    public String said(Track before) {
        return "Delete " + EditDescriptions.cues(before, cueIds);
    }
}
