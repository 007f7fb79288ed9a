package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** A line begins, or no longer begins, with this word. */
public record BreakLine(long wordId, boolean broken) implements Edit {
    @Override
    public Track on(Track track) {
        return BreakEdits.breakLine(track, this);
    }

    @Override
    public String said(Track before) {
        return (broken ? "Break the line before “" : "Join the line before “") + EditDescriptions.word(before, wordId)
                + "”";
    }
}
