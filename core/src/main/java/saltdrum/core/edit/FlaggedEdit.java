package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Edits of words whose flags say that they were not in the script or are better left out. */
public sealed interface FlaggedEdit extends Edit {
    /** Speech that was heard and is not in the script becomes words. */
    record AcceptUnscripted(List<Long> ids) implements FlaggedEdit {
        @Override
        public Track on(Track track) {
            return FlaggedEdits.accept(track, ids);
        }

        @Override
        public String said(Track before) {
            return "Add speech that the script lacks";
        }
    }

    record DropUnscripted(List<Long> ids) implements FlaggedEdit {
        @Override
        public Track on(Track track) {
            return FlaggedEdits.drop(track, ids);
        }

        @Override
        public String said(Track before) {
            return "Leave out speech that the script lacks";
        }
    }

    record DropWords(List<Long> wordIds) implements FlaggedEdit {
        @Override
        public Track on(Track track) {
            return FlaggedEdits.dropWords(track, wordIds);
        }

        @Override
        public String said(Track before) {
            return "Delete " + EditDescriptions.count(wordIds.size(), "word");
        }
    }
}
