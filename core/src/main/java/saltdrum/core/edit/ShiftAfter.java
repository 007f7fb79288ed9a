package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** The cue and everything after it. */
public record ShiftAfter(long cueId, int byMs) implements Edit {
    @Override
    public Track on(Track track) {
        return TimingEdits.shiftAfter(track, this);
    }

    @Override
    public String said(Track before) {
        return "Shift everything from “" + EditDescriptions.cue(before, cueId) + "” on" + EditDescriptions.by(byMs);
    }
}
