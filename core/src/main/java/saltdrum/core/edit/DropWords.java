package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

public record DropWords(List<Long> wordIds) implements Edit {
    @Override
    public Track on(Track track) {
        return FlaggedEdits.dropWords(track, wordIds);
    }

    @Override
    public String said(Track before) {
        return "Delete " + EditDescriptions.count(wordIds.size(), "word");
    }
}
