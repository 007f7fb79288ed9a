package saltdrum.core.edit;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.word.Word;

/** Replaces all words that start in {@code fromMs..toMs} by recognised or imported ones. */
public record ReplaceWords(
        String language, List<Word> words, int fromMs, int toMs, @MayBeMissing List<Unscripted> unscripted)
        implements Edit {
    public ReplaceWords {
        unscripted = unscripted == null ? List.of() : unscripted;
    }

    public ReplaceWords(String language, List<Word> words, Range range, List<Unscripted> unscripted) {
        this(language, words, range.fromMs(), range.toMs(), unscripted);
    }

    public ReplaceWords(String language, List<Word> words, Range range) {
        this(language, words, range, List.of());
    }

    @JsonIgnore
    public Range range() {
        return new Range(fromMs, toMs);
    }

    @Override
    public Track on(Track track) {
        return BringInEdits.replaceWords(track, this);
    }

    @Override
    public String said(Track before) {
        return "Bring in " + EditDescriptions.count(words.size(), "word");
    }
}
