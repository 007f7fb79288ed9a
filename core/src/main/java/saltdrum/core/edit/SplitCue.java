package saltdrum.core.edit;

import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;

/** A new cue begins with this word. */
public record SplitCue(long wordId) implements Edit {
    @Override
    public Track on(Track track) {
        return BreakEdits.split(track, wordId);
    }

    @Override
    public String said(Track before) {
        Cue cue = before.cueOfWord(wordId);
        int at = cue.indexOf(wordId);
        return "Split “" + EditDescriptions.shortened(cue.text()) + "”"
                + (at == 0 ? "" : " after “" + cue.words().get(at - 1).text() + "”");
    }
}
