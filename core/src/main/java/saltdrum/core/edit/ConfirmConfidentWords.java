package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** Confirms every word of unlocked cues that was heard at least so surely, 0 to 1. */
public record ConfirmConfidentWords(double least) implements Edit {
    @Override
    public Track on(Track track) {
        return Edits.confirmSure(track, least);
    }

    @Override
    public String said(Track before) {
        return "Confirm all that is sure";
    }
}
