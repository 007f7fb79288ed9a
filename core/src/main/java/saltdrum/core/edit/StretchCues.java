package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Cues side by side are made to fill this stretch, all in proportion. */
public record StretchCues(List<Long> cueIds, int startMs, int endMs) implements Edit {
    @Override
    public Track on(Track track) {
        return TimingEdits.stretch(track, this);
    }

    @Override
    public String said(Track before) {
        return "Stretch " + EditDescriptions.count(cueIds.size(), "cue") + " to fit";
    }
}
