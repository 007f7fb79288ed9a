package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** The first word of a cue goes to the cue before, or the last to the cue after. */
public record MoveWord(long wordId, boolean toNext) implements Edit {
    @Override
    public Track on(Track track) {
        return BreakEdits.move(track, this);
    }

    @Override
    public String said(Track before) {
        return "Send “" + EditDescriptions.word(before, wordId) + "” to the " + (toNext ? "next" : "previous") + " cue";
    }
}
