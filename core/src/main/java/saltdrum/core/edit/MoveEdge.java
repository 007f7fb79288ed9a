package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** One edge of a word; as far towards {@code toMs} as neighbours let it. */
public record MoveEdge(long wordId, boolean end, int toMs, PushMode push) implements Edit {
    @Override
    public Track on(Track track) {
        return TimingEdits.moveEdge(track, this);
    }

    @Override
    public String said(Track before) {
        return "Move the " + (end ? "end" : "start") + " of “" + EditDescriptions.word(before, wordId) + "”";
    }
}
