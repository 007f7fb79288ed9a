package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Ids;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/**
 * Gives typed text the times of the words it replaces. Same word, same time; a changed word takes the time of the one
 * it replaces; one for two takes their union; two for one share it by syllable weight; a new word takes the free room
 * between its neighbours, and only where there is none does the word before it give up its end.
 */
public final class Reconcile {
    /** Speaking time of one syllable where nothing else is known, ms. Common practice, no source. */
    private static final int SYLLABLE_MS = 180;

    private static final int LEAST_ROOM_MS = 40;

    private Reconcile() {}

    /**
     * @param old the cue's words
     * @param typed the tokens it is to have, at least one
     * @param floorMs end of the word before the cue
     * @param ceilingMs start of the word after the cue
     */
    public static List<Word> words(List<Word> old, List<String> typed, int floorMs, int ceilingMs, Ids ids) {
        List<Word> result = new ArrayList<>();
        List<Pair> pairs = TokenAlignment.pairs(old.stream().map(Word::text).toList(), typed);
        for (int i = 0; i < pairs.size(); ) {
            int end = i + 1;
            if (!pairs.get(i).same(old, typed)) {
                while (end < pairs.size() && !pairs.get(end).same(old, typed)) {
                    end++;
                }
            }
            List<Pair> run = pairs.subList(i, end);
            if (run.size() == 1 && run.get(0).same(old, typed)) {
                Word word = old.get(run.get(0).old());
                String text = typed.get(run.get(0).typed());
                result.add(word.text().equals(text) ? word : word.withText(text, kept(word)));
            } else {
                int nextStart = nextStart(pairs, end, old, ceilingMs);
                boolean first = result.isEmpty() && run.stream().allMatch(pair -> pair.old() < 0);
                if (first && end < pairs.size() && nextStart - floorMs < LEAST_ROOM_MS * run.size()) {
                    squeezeBefore(old.get(pairs.get(end).old()), typed.subList(0, end + 1), floorMs, result, ids);
                    i = end + 1;
                    continue;
                }
                changedRun(run, old, typed, result, floorMs, nextStart, ids);
            }
            i = end;
        }
        return result;
    }

    /** An index into the old words and one into the typed; -1 where there is none. */
    record Pair(int old, int typed) {
        boolean same(List<Word> oldWords, List<String> typedWords) {
            return old >= 0
                    && typed >= 0
                    && Tokens.normalised(oldWords.get(old).text()).equals(Tokens.normalised(typedWords.get(typed)));
        }
    }

    private static WordSource kept(Word word) {
        return word.source() == WordSource.RECOGNISED ? WordSource.CONFIRMED : word.source();
    }

    private static int nextStart(List<Pair> pairs, int from, List<Word> old, int ceilingMs) {
        for (int i = from; i < pairs.size(); i++) {
            if (pairs.get(i).old() >= 0) {
                return old.get(pairs.get(i).old()).startMs();
            }
        }
        return ceilingMs;
    }

    /** Every old word of the run is replaced by the typed words nearest to it; lone ones attach to a neighbour. */
    private static void changedRun(
            List<Pair> run,
            List<Word> old,
            List<String> typed,
            List<Word> result,
            int floorMs,
            int nextStart,
            Ids ids) {
        List<List<Integer>> oldGroups = new ArrayList<>();
        List<List<Integer>> typedGroups = new ArrayList<>();
        for (Pair pair : run) {
            boolean opens = pair.old() >= 0 && pair.typed() >= 0;
            if (oldGroups.isEmpty() || opens && !lastIsHalf(oldGroups, typedGroups)) {
                oldGroups.add(new ArrayList<>());
                typedGroups.add(new ArrayList<>());
            }
            if (pair.old() >= 0) {
                oldGroups.get(oldGroups.size() - 1).add(pair.old());
            }
            if (pair.typed() >= 0) {
                typedGroups.get(typedGroups.size() - 1).add(pair.typed());
            }
        }
        for (int g = 0; g < oldGroups.size(); g++) {
            List<Word> from = oldGroups.get(g).stream().map(old::get).toList();
            List<String> to = typedGroups.get(g).stream().map(typed::get).toList();
            if (to.isEmpty()) {
                continue;
            }
            if (from.isEmpty()) {
                insert(to, result, floorMs, nextStart, ids);
            } else {
                share(from, to, result, ids);
            }
        }
    }

    /** New words before the cue's first, with no room: the first word gives up its start. */
    private static void squeezeBefore(Word first, List<String> typed, int floorMs, List<Word> result, Ids ids) {
        int last = typed.size() - 1;
        int start = Math.min(floorMs, first.startMs());
        int[] edges = Syllables.share(typed, start, Math.max(first.endMs(), start + typed.size()));
        for (int i = 0; i < last; i++) {
            result.add(Word.of(ids.next(), typed.get(i), edges[i], edges[i + 1], WordSource.TYPED));
        }
        result.add(first.withText(typed.get(last), first.source()).withTime(edges[last], edges[last + 1]));
    }

    /** These texts in the place of these words, in their time; none for none. */
    static List<Word> instead(List<Word> from, List<String> to, Ids ids) {
        List<Word> result = new ArrayList<>();
        if (!to.isEmpty()) {
            share(from, to, result, ids);
        }
        return result;
    }

    private static boolean lastIsHalf(List<List<Integer>> oldGroups, List<List<Integer>> typedGroups) {
        return oldGroups.get(oldGroups.size() - 1).isEmpty()
                || typedGroups.get(typedGroups.size() - 1).isEmpty();
    }

    private static void share(List<Word> from, List<String> to, List<Word> result, Ids ids) {
        int start = from.get(0).startMs();
        int end = Math.max(from.get(from.size() - 1).endMs(), start + to.size());
        int[] edges = Syllables.share(to, start, end);
        for (int i = 0; i < to.size(); i++) {
            Word model = from.get(Math.min(i, from.size() - 1));
            boolean sameCount = from.size() == to.size();
            Word word = i < from.size() ? model.withText(to.get(i), WordSource.TYPED) : fresh(to.get(i), model, ids);
            result.add(sameCount ? word : word.withTime(edges[i], edges[i + 1]));
        }
    }

    private static Word fresh(String text, Word model, Ids ids) {
        return new Word(
                ids.next(), text, model.startMs(), model.endMs(), 1, WordSource.TYPED, model.emphasis(), Pin.FREE);
    }

    private static void insert(List<String> to, List<Word> result, int floorMs, int nextStart, Ids ids) {
        int wanted = (int) Math.round(to.stream().mapToDouble(Syllables::weight).sum() * SYLLABLE_MS);
        int roomStart =
                result.isEmpty() ? floorMs : result.get(result.size() - 1).endMs();
        int start = roomStart;
        int end = (int) Math.min(nextStart, (long) roomStart + wanted);
        if (result.isEmpty() && nextStart != Integer.MAX_VALUE) {
            start = Math.max(roomStart, nextStart - wanted);
            end = nextStart;
        }
        if (end - start < LEAST_ROOM_MS * to.size() && !result.isEmpty()) {
            Word giving = result.remove(result.size() - 1);
            List<String> sharing = new ArrayList<>(to);
            sharing.add(0, giving.text());
            end = Math.max(end, giving.endMs());
            int[] edges = Syllables.share(sharing, giving.startMs(), Math.max(end, giving.startMs() + sharing.size()));
            result.add(giving.withTime(giving.startMs(), edges[1]));
            start = edges[1];
        }
        int[] edges = Syllables.share(to, start, Math.max(end, start + to.size()));
        for (int i = 0; i < to.size(); i++) {
            result.add(Word.of(ids.next(), to.get(i), edges[i], edges[i + 1], WordSource.TYPED));
        }
    }
}
