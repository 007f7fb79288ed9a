package saltdrum.core.edit;

import java.util.List;
import java.util.Set;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

/** Edits that mark words and cues: confirmed, emphasised, locked; and deleting cues. */
public sealed interface MarkEdit extends Edit {
    record ConfirmWords(List<Long> wordIds) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return Edits.eachWord(track, wordIds, Word::confirmed);
        }

        @Override
        public String said(Track before) {
            return "Confirm " + EditDescriptions.words(before, wordIds);
        }
    }

    /** Confirms every word of unlocked cues that was heard at least so surely, 0 to 1. */
    record ConfirmConfidentWords(double least) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return Edits.confirmSure(track, least);
        }

        @Override
        public String said(Track before) {
            return "Confirm all sure words";
        }
    }

    /** Emphasis 0 is plain, 1 to 4 a voice of the style. */
    record SetEmphasis(List<Long> wordIds, int emphasis) implements MarkEdit {
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

    record Lock(List<Long> cueIds, boolean locked) implements MarkEdit {
        @Override
        public Track on(Track track) {
            Set<Long> wanted = Edits.existing(track, cueIds);
            return Edits.eachCue(track, cue -> wanted.contains(cue.id()) ? cue.withLocked(locked) : cue);
        }

        @Override
        public String said(Track before) {
            return (locked ? "Lock " : "Unlock ") + EditDescriptions.cues(before, cueIds);
        }
    }

    record DeleteCues(List<Long> cueIds) implements MarkEdit {
        @Override
        public Track on(Track track) {
            return Edits.delete(track, cueIds);
        }

        @Override
        public String said(Track before) {
            return "Delete " + EditDescriptions.cues(before, cueIds);
        }
    }
}
