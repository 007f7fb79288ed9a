package saltdrum.core.edit;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.look.Styling;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Edits that take words or cues from a file. */
public sealed interface ImportEdit extends Edit {
    /** Replaces all words that start in {@code fromMs..toMs} by recognised or imported ones. */
    record ReplaceWords(
            String language, List<Word> words, int fromMs, int toMs, @MayBeMissing List<Unscripted> unscripted)
            implements ImportEdit {
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
            return verb() + EditDescriptions.count(words.size(), "word");
        }

        private String verb() {
            return switch (words.isEmpty() ? WordSource.IMPORTED : words.get(0).source()) {
                case RECOGNISED -> "Recognise ";
                case ALIGNED, ESTIMATED, NOT_FOUND -> "Place ";
                default -> "Import ";
            };
        }
    }

    /**
     * Replaces all cues by those of a caption file and keeps the file's breaks. Null for language keeps the track's;
     * styling and headlines may be null too.
     */
    record BringInCues(
            String language,
            List<Cue> cues,
            @MayBeMissing String regions,
            @MayBeMissing Styling styling,
            @MayBeMissing List<Headline> headlines)
            implements ImportEdit {
        public BringInCues(String language, List<Cue> cues, String regions) {
            this(language, cues, regions, null, null);
        }

        @Override
        public Track on(Track track) {
            return BringInEdits.bringIn(track, this);
        }

        @Override
        public String said(Track before) {
            return "Import " + EditDescriptions.count(cues.size(), "cue") + " from a file";
        }
    }
}
