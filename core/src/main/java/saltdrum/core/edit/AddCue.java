package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** A new cue in a rest, which begins no earlier than {@code fromMs} and ends no later than {@code toMs}. */
public record AddCue(int fromMs, int toMs, String text) implements Edit {
    @Override
    public Track on(Track track) {
        return TextEdits.add(track, this);
    }

    @Override
    public String said(Track before) {
        return "Add “" + EditDescriptions.shortened(text) + "”";
    }
}
