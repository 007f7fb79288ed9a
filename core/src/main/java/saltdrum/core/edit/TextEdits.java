package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Ids;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.PolicyRewriter;
import saltdrum.core.draft.WritingPolicy;
import saltdrum.core.edit.TextEdit.AddCue;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.merge.FreeTime;
import saltdrum.core.merge.Reconcile;
import saltdrum.core.merge.WordTimes;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Implements edits of the text. Words that are kept keep their times. */
final class TextEdits {
    private TextEdits() {}

    static Track retype(Track track, RetypeCue e) {
        int index = track.indexOfCue(e.cueId());
        Cue cue = Edits.unlocked(track.cues().get(index));
        // Line by line: a line feed ends a word in scripts without spaces too.
        List<List<String>> lines = e.text()
                .lines()
                .map(Tokens::split)
                .filter(line -> !line.isEmpty())
                .toList();
        List<String> typed = lines.stream().flatMap(List::stream).toList();
        if (typed.isEmpty()) {
            return Edits.delete(track, List.of(e.cueId()));
        }
        int last = index + 1 == track.cues().size()
                ? track.endMs()
                : track.cues().get(index + 1).firstWordMs();
        Cue previous = index == 0 ? null : track.cues().get(index - 1);
        Word before =
                previous == null ? null : previous.words().get(previous.words().size() - 1);
        boolean gives = previous != null && !previous.locked();
        FreeTime around = new FreeTime(before == null ? 0 : before.endMs(), last, gives ? before : null);
        Ids ids = new Ids(track.nextId());
        Reconcile.Result result = Reconcile.words(cue.words(), typed, around, ids);
        List<Word> words = result.words();
        Cue retyped = words.size() == cue.words().size()
                ? cue.withWords(words)
                : Edits.set(track, cue.id(), words).withGiven(cue.given());
        if (asLines(e, cue, lines.size())) {
            retyped = BreakEdits.withLines(retyped, startsOf(lines));
        }
        if (gives && !result.before().equals(before)) {
            List<Word> shortened = new ArrayList<>(previous.words());
            shortened.set(shortened.size() - 1, result.before());
            return Edits.replace(track, index - 1, 2, List.of(previous.withWords(shortened), retyped), ids.peek());
        }
        return Edits.replace(track, index, 1, List.of(retyped), ids.peek());
    }

    private static boolean asLines(RetypeCue e, Cue cue, int lines) {
        if (e.asLines() != null) {
            return e.asLines();
        }
        return lines > 1 && cue.linesByHand();
    }

    /** Indexes of the words that begin the second line and those after it. */
    private static List<Integer> startsOf(List<List<String>> lines) {
        List<Integer> starts = new ArrayList<>();
        int count = 0;
        for (List<String> line : lines.subList(0, lines.size() - 1)) {
            count += line.size();
            starts.add(count);
        }
        return starts;
    }

    /**
     * Rewrites each run of cues between locked ones. Words keep their cues; joined words stay in the cue of the
     * first.
     */
    static Track redraft(Track track, WritingPolicy policy) {
        Map<Long, Word> written = new HashMap<>();
        List<Word> run = new ArrayList<>();
        for (Cue cue : track.cues()) {
            if (cue.locked()) {
                PolicyRewriter.write(run, policy).forEach(word -> written.put(word.id(), word));
                run.clear();
            } else {
                run.addAll(cue.words());
            }
        }
        PolicyRewriter.write(run, policy).forEach(word -> written.put(word.id(), word));
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : track.cues()) {
            if (cue.locked()) {
                cues.add(cue);
                continue;
            }
            List<Word> words = cue.words().stream()
                    .filter(word -> written.containsKey(word.id()))
                    .map(word -> written.get(word.id()))
                    .toList();
            if (words.size() == cue.words().size()) {
                cues.add(cue.withWords(words));
            } else if (!words.isEmpty()) {
                cues.add(Edits.set(track, cue.id(), words));
            }
        }
        return track.withCues(cues, track.nextId());
    }

    /** Reading needs about this long for a character. Common practice, no source: 15 characters a second. */
    private static final int CHARACTER_MS = 67;

    /**
     * Adds a cue in the rest that begins at or after {@code fromMs}. If that is inside a cue's words, the new cue
     * begins where they end; it never reaches into the next cue. Its words share the time they need by syllables.
     */
    static Track add(Track track, AddCue e) {
        List<String> texts = Tokens.split(e.text());
        if (texts.isEmpty()) {
            throw new BadInputException("An empty cue cannot be added. Write its words.");
        }
        int index = 0;
        while (index < track.cues().size() && track.cues().get(index).firstWordMs() <= e.fromMs()) {
            index++;
        }
        int floor = index == 0 ? 0 : track.cues().get(index - 1).lastWordMs();
        int ceiling = index == track.cues().size()
                ? track.endMs()
                : track.cues().get(index).firstWordMs();
        int from = Math.max(floor, e.fromMs());
        int needed = Math.max(700, ReadingSpeed.characters(Scripts.joined(texts)) * CHARACTER_MS);
        int to = Math.min(ceiling, Math.min(e.toMs(), from + needed));
        if (to - from < texts.size() * WordTimes.LEAST_MS) {
            throw new RefusedEditException("There is not enough time here for " + Quoted.of(Scripts.joined(texts))
                    + ": there are words before and after. Nothing was changed.");
        }
        Ids ids = new Ids(track.nextId());
        int[] edges = Syllables.share(texts, from, to);
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            words.add(Word.of(ids.next(), texts.get(i), edges[i], edges[i + 1], WordSource.TYPED));
        }
        words.set(0, words.get(0).withPin(Pin.CUE_BREAK));
        List<Cue> cues = new ArrayList<>(List.of(Edits.set(track, ids.next(), words)));
        int replaced = 0;
        if (index < track.cues().size() && !track.cues().get(index).locked()) {
            Cue next = track.cues().get(index);
            List<Word> after = new ArrayList<>(next.words());
            after.set(0, after.get(0).withPin(Pin.CUE_BREAK));
            cues.add(next.withWords(after));
            replaced = 1;
        }
        return Edits.replace(track, index, replaced, cues, ids.peek());
    }
}
