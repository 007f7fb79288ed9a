package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Emphasis 0 is plain, 1 to 4 a voice of the style. */
public record SetEmphasis(List<Long> wordIds, int emphasis) implements Edit {
    @Override
    public Track on(Track track) {
        return Edits.eachWord(track, wordIds, word -> word.withEmphasis(emphasis));
    }

    @Override
    public String said(Track before) {
        String what = wordIds.size() == 1
                ? "“" + EditDescriptions.word(before, wordIds.get(0)) + "”"
                : EditDescriptions.count(wordIds.size(), "word");
        return emphasis == 0 ? "Plain " + what : "Emphasise " + what;
    }
}
