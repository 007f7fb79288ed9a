package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

public record ShiftCues(List<Long> cueIds, int byMs) implements Edit {
    @Override
    public Track on(Track track) {
        return TimingEdits.shift(track, this);
    }

    @Override
    public String said(Track before) {
        return "Shift " + EditDescriptions.count(cueIds.size(), "cue") + EditDescriptions.by(byMs);
    }
}
