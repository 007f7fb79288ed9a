package saltdrum.core.delivery;

import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.merge.Change;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

/** Part of the job that a change belongs to, in the order in which the job is done. */
public enum WorkStep {
    WORDS,
    BREAKS,
    STYLE;

    /** A change of words or their times belongs to the words step, even if it also moved other things. */
    public static WorkStep of(Change change) {
        if (!spoken(change.removed()).equals(spoken(change.added()))) {
            return WORDS;
        }
        return broken(change.removed()).equals(broken(change.added())) ? STYLE : BREAKS;
    }

    private record Spoken(String text, int startMs, int endMs) {}

    private static List<Spoken> spoken(List<Cue> cues) {
        return cues.stream()
                .flatMap(cue -> cue.words().stream())
                .map(word -> new Spoken(word.text(), word.startMs(), word.endMs()))
                .toList();
    }

    /** Where cues and lines begin, and what holds them there. */
    private record Broken(long firstWord, int words, List<Integer> lineStarts, List<Pin> pins) {}

    private static List<Broken> broken(List<Cue> cues) {
        return cues.stream().map(WorkStep::broken).toList();
    }

    private static Broken broken(Cue cue) {
        return new Broken(
                cue.words().get(0).id(),
                cue.words().size(),
                cue.lineStarts(),
                cue.words().stream().map(Word::pin).toList());
    }
}
