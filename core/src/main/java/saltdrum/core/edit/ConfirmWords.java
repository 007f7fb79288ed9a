package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

public record ConfirmWords(List<Long> wordIds) implements Edit {
    @Override
    public Track on(Track track) {
        return Edits.eachWord(track, wordIds, Word::confirmed);
    }

    @Override
    public String said(Track before) {
        return "Confirm " + EditDescriptions.words(before, wordIds);
    }
}
