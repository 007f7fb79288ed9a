package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.cue.Track;

/** Edits of the times of words; cues follow their words. */
public sealed interface TimingEdit extends Edit {
    /** What happens to the neighbour when an edge or a word is moved. */
    enum PushMode {
        /** A neighbour that touches the moved edge follows it; one at a distance stops it. */
        FOLLOW,
        /** Only what was taken hold of moves; the neighbour stops it, and going away leaves a rest. */
        STOP,
        /** Neighbours in the way are pushed on, up to a locked cue or the clip's beginning. */
        PUSH
    }

    /** Stops at the neighbours: a time that would cross them is refused. */
    record RetimeWord(long wordId, int startMs, int endMs) implements TimingEdit {
        @Override
        public Track on(Track track) {
            return TimingEdits.retime(track, this);
        }

        @Override
        public String said(Track before) {
            return "Retime “" + EditDescriptions.word(before, wordId) + "”";
        }
    }

    record ShiftCues(List<Long> cueIds, int byMs) implements TimingEdit {
        @Override
        public Track on(Track track) {
            return TimingEdits.shift(track, this);
        }

        @Override
        public String said(Track before) {
            return "Shift " + EditDescriptions.count(cueIds.size(), "cue") + EditDescriptions.by(byMs);
        }
    }

    /** One edge of a word; as far towards {@code toMs} as neighbours let it. */
    record MoveEdge(long wordId, boolean end, int toMs, PushMode push) implements TimingEdit {
        @Override
        public Track on(Track track) {
            return TimingEdits.moveEdge(track, this);
        }

        @Override
        public String said(Track before) {
            return "Move the " + (end ? "end" : "start") + " of “" + EditDescriptions.word(before, wordId) + "”";
        }
    }

    /** Words side by side, whole; as far as neighbours let them. */
    record NudgeWords(List<Long> wordIds, int byMs, PushMode push) implements TimingEdit {
        @Override
        public Track on(Track track) {
            return TimingEdits.nudge(track, this);
        }

        @Override
        public String said(Track before) {
            return "Move " + EditDescriptions.words(before, wordIds) + EditDescriptions.by(byMs);
        }
    }

    /** The cue and everything after it. */
    record ShiftAfter(long cueId, int byMs) implements TimingEdit {
        @Override
        public Track on(Track track) {
            return TimingEdits.shiftAfter(track, this);
        }

        @Override
        public String said(Track before) {
            return "Shift everything from “" + EditDescriptions.cue(before, cueId) + "” on" + EditDescriptions.by(byMs);
        }
    }

    /** Cues side by side are made to fill this stretch, all in proportion. */
    record StretchCues(List<Long> cueIds, int startMs, int endMs) implements TimingEdit {
        @Override
        public Track on(Track track) {
            return TimingEdits.stretch(track, this);
        }

        @Override
        public String said(Track before) {
            return "Stretch " + EditDescriptions.count(cueIds.size(), "cue") + " to fit";
        }
    }
}
