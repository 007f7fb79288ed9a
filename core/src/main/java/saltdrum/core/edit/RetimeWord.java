package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** Stops at the neighbours: a time that would cross them is refused. */
public record RetimeWord(long wordId, int startMs, int endMs) implements Edit {
    @Override
    public Track on(Track track) {
        return TimingEdits.retime(track, this);
    }

    @Override
    public String said(Track before) {
        return "Retime “" + EditDescriptions.word(before, wordId) + "”";
    }
}
