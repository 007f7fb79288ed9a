package saltdrum.core.edit;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.LineMeasure;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.text.Quoted;

/** Edits of where cues and lines break. */
public sealed interface BreakEdit extends Edit {
    /** A new cue begins with this word. */
    record SplitCue(long wordId) implements BreakEdit {
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

    /** The cue and the one after it become one. */
    record JoinCues(long cueId) implements BreakEdit {
        @Override
        public Track on(Track track) {
            return BreakEdits.join(track, List.of(cueId, Edits.nextOf(track, cueId)));
        }

        @Override
        public String said(Track before) {
            return "Join “" + EditDescriptions.cue(before, cueId) + "” with the next cue";
        }
    }

    /** Cues side by side become one. */
    record JoinRun(List<Long> cueIds) implements BreakEdit {
        @Override
        public Track on(Track track) {
            return BreakEdits.join(track, cueIds);
        }

        @Override
        public String said(Track before) {
            return "Join " + EditDescriptions.count(cueIds.size(), "cue");
        }
    }

    /** Each of these cues becomes two, as equal in length of text as its words allow; single words stay. */
    record SplitEvenly(List<Long> cueIds) implements BreakEdit {
        @Override
        public Track on(Track track) {
            return BreakEdits.splitEvenly(track, cueIds);
        }

        @Override
        public String said(Track before) {
            return "Split " + EditDescriptions.cues(before, cueIds) + " evenly";
        }
    }

    /** The first word of a cue goes to the cue before, or the last to the cue after. */
    record MoveWord(long wordId, boolean toNext) implements BreakEdit {
        @Override
        public Track on(Track track) {
            return BreakEdits.move(track, this);
        }

        @Override
        public String said(Track before) {
            return "Send “" + EditDescriptions.word(before, wordId) + "” to the " + (toNext ? "next" : "previous")
                    + " cue";
        }
    }

    /** A line begins, or no longer begins, with this word. */
    record BreakLine(long wordId, boolean broken) implements BreakEdit {
        @Override
        public Track on(Track track) {
            return BreakEdits.breakLine(track, this);
        }

        @Override
        public String said(Track before) {
            return (broken ? "Break the line before “" : "Join the line before “")
                    + EditDescriptions.word(before, wordId) + "”";
        }
    }

    /** Lines as the recipe sets them. */
    record BalanceLines(List<Long> cueIds) implements BreakEdit {
        @Override
        public Track on(Track track) {
            return BreakEdits.balance(track, cueIds);
        }

        @Override
        public String said(Track before) {
            return "Balance the lines of " + EditDescriptions.cues(before, cueIds);
        }
    }

    /** Breaks made by hand are let go. */
    record ReleaseBreaks(List<Long> cueIds) implements BreakEdit {
        @Override
        public Track on(Track track) {
            return BreakEdits.release(track, cueIds);
        }

        @Override
        public String said(Track before) {
            return "Release the breaks of " + EditDescriptions.cues(before, cueIds);
        }
    }

    /**
     * Breaks unlocked words again, in these cues or, if null, in the whole track. Pinned breaks are respected unless
     * {@code releasePins}.
     */
    record Rebreak(Recipe recipe, boolean releasePins, @MayBeMissing List<Long> cueIds) implements BreakEdit {
        public Rebreak(Recipe recipe, boolean releasePins) {
            this(recipe, releasePins, null);
        }

        @Override
        public Track on(Track track) {
            return on(track, LineMeasure.NONE);
        }

        /** @param measure for recipes whose lines are fitted */
        public Track on(Track track, LineMeasure measure) {
            return BreakEdits.rebreak(track, this, measure);
        }

        @Override
        public String said(Track before) {
            return "Break "
                    + (cueIds == null ? "" : EditDescriptions.count(cueIds.size(), "cue") + " ")
                    + "by " + Quoted.of(recipe.name())
                    + (releasePins ? ", breaks made by hand released" : "")
                    + (cueIds == null ? EditDescriptions.butLocked(before) : "");
        }
    }
}
