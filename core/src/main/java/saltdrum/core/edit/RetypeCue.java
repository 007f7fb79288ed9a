package saltdrum.core.edit;

import saltdrum.core.cue.Track;

/** The cue's text as typed; what was not changed keeps its time. */
public record RetypeCue(long cueId, String text) implements Edit {
    @Override
    public Track on(Track track) {
        return TextEdits.retype(track, this);
    }

    @Override
    public String said(Track before) {
        return "Retype “" + EditDescriptions.shortened(text) + "”";
    }
}
