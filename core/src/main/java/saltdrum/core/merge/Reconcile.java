package saltdrum.core.merge;

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
 * it replaces; one for two takes their union; two for one share it by syllable weight, and take the rests beside it
 * where it is too short. A new word takes the rest between its neighbours; only where there is none does the word
 * before it give up its end, as far as it can. Where even that gives no room the text is refused.
 */
public final class Reconcile {
    /** Speaking time of one syllable where nothing else is known, ms. Common practice, no source. */
    private static final int SYLLABLE_MS = 180;

    /** Less than this for a word is no rest to put it in. */
    private static final int LEAST_REST_MS = 40;

    private final List<Word> old;
    private final List<String> typed;
    private final List<TokenAlignment.Pair> pairs;
    private final FreeTime around;
    private final Ids ids;
    private final List<Word> result = new ArrayList<>();
    private Word before;

    private Reconcile(List<Word> old, List<String> typed, FreeTime around, Ids ids) {
        this.old = old;
        this.typed = typed;
        this.pairs = TokenAlignment.pairs(old.stream().map(Word::text).toList(), typed);
        this.around = around;
        this.ids = ids;
        this.before = around.giving();
    }

    /**
     * @param words the cue's words as typed
     * @param before the word before the cue, which may have given up its end; null where there is none
     */
    public record Result(List<Word> words, Word before) {}

    /**
     * @param old the cue's words
     * @param typed the tokens it is to have, at least one
     * @throws RefusedEditException where typed words find no room
     */
    public static Result words(List<Word> old, List<String> typed, FreeTime around, Ids ids) {
        Reconcile reconcile = new Reconcile(old, typed, around, ids);
        reconcile.run();
        return new Result(reconcile.result, reconcile.before);
    }

    private void run() {
        for (int i = 0; i < pairs.size(); ) {
            int end = i + 1;
            if (same(pairs.get(i))) {
                Word word = old.get(pairs.get(i).old());
                String text = typed.get(pairs.get(i).typed());
                result.add(word.text().equals(text) ? word : word.withText(text, kept(word)));
            } else {
                while (end < pairs.size() && !same(pairs.get(end))) {
                    end++;
                }
                changedRun(pairs.subList(i, end), nextStart(end));
            }
            i = end;
        }
    }

    private boolean same(TokenAlignment.Pair pair) {
        return pair.old() >= 0
                && pair.typed() >= 0
                && Tokens.normalised(old.get(pair.old()).text()).equals(Tokens.normalised(typed.get(pair.typed())));
    }

    private static WordSource kept(Word word) {
        return word.source() == WordSource.RECOGNISED ? WordSource.CONFIRMED : word.source();
    }

    /** Start of the first old word that stays or is replaced from this pair on. */
    private int nextStart(int from) {
        for (int i = from; i < pairs.size(); i++) {
            if (pairs.get(i).old() >= 0) {
                return old.get(pairs.get(i).old()).startMs();
            }
        }
        return around.ceilingMs();
    }

    private int floorMs() {
        return result.isEmpty()
                ? Math.max(around.floorMs(), before == null ? 0 : before.endMs())
                : result.get(result.size() - 1).endMs();
    }

    /** Every old word of the run is replaced by the typed words nearest to it; lone ones attach to a neighbour. */
    private void changedRun(List<TokenAlignment.Pair> run, int ceilingMs) {
        List<List<Integer>> oldGroups = new ArrayList<>();
        List<List<Integer>> typedGroups = new ArrayList<>();
        for (TokenAlignment.Pair pair : run) {
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
            int next = g + 1 < oldGroups.size()
                    ? old.get(oldGroups.get(g + 1).get(0)).startMs()
                    : ceilingMs;
            if (from.isEmpty()) {
                insert(to, next);
            } else if (!to.isEmpty()) {
                result.addAll(share(from, to, new FreeTime(floorMs(), next, last()), ids));
            }
        }
    }

    private Word last() {
        return result.isEmpty() ? before : result.get(result.size() - 1);
    }

    private static boolean lastIsHalf(List<List<Integer>> oldGroups, List<List<Integer>> typedGroups) {
        return oldGroups.get(oldGroups.size() - 1).isEmpty()
                || typedGroups.get(typedGroups.size() - 1).isEmpty();
    }

    /** These texts, at least one, in the place of these words: in their time, and where that is too short in the room around. */
    public static List<Word> share(List<Word> from, List<String> to, FreeTime room, Ids ids) {
        List<Word> shared = new ArrayList<>();
        boolean sameCount = from.size() == to.size();
        int start = from.get(0).startMs();
        int end = from.get(from.size() - 1).endMs();
        int wanted = sameCount ? 0 : to.size() * WordTimes.LEAST_MS;
        end = Math.max(end, Math.min(room.ceilingMs(), start + wanted));
        boolean sameFirst = Tokens.normalised(to.get(0))
                .equals(Tokens.normalised(from.get(0).text()));
        if (!sameFirst) {
            start = Math.min(start, Math.max(room.floorMs(), end - wanted));
        }
        if (end - start < to.size()) {
            throw room.tooSmall(to);
        }
        int[] edges = Syllables.share(to, start, end);
        for (int i = 0; i < to.size(); i++) {
            Word model = from.get(Math.min(i, from.size() - 1));
            Word word = i < from.size() ? model.withText(to.get(i), WordSource.TYPED) : fresh(to.get(i), model, ids);
            shared.add(sameCount ? word : word.withTime(edges[i], edges[i + 1]));
        }
        return shared;
    }

    private static Word fresh(String text, Word model, Ids ids) {
        return new Word(
                        ids.next(),
                        text,
                        model.startMs(),
                        model.endMs(),
                        1,
                        WordSource.TYPED,
                        model.emphasis(),
                        Pin.FREE)
                .withSpeaker(model.speaker());
    }

    private void insert(List<String> to, int nextStart) {
        int wanted = (int) Math.round(to.stream().mapToDouble(Syllables::weight).sum() * SYLLABLE_MS);
        int start = floorMs();
        int end = (int) Math.min(nextStart, (long) start + wanted);
        boolean leadsIn = result.isEmpty() && !old.isEmpty();
        if (leadsIn) {
            end = nextStart;
            start = Math.max(start, nextStart - wanted);
        }
        if (end - start < LEAST_REST_MS * to.size()) {
            start = givenUp(to, nextStart);
            end = nextStart;
        }
        int[] edges = Syllables.share(to, start, end);
        for (int i = 0; i < to.size(); i++) {
            result.add(Word.of(ids.next(), to.get(i), edges[i], edges[i + 1], WordSource.TYPED));
        }
    }

    /** The word before gives up as much of its end as the new words' share is by syllables; gives its new end. */
    private int givenUp(List<String> to, int nextStart) {
        Word giving = last();
        FreeTime room = new FreeTime(floorMs(), nextStart, giving);
        int least = giving == null ? 0 : Math.min(WordTimes.LEAST_MS, giving.durationMs());
        if (giving == null || nextStart - giving.startMs() - least < to.size() * WordTimes.LEAST_MS) {
            throw room.tooSmall(to);
        }
        List<String> sharing = new ArrayList<>(to);
        sharing.add(0, giving.text());
        int[] edges = Syllables.share(sharing, giving.startMs(), nextStart);
        int latest = nextStart - to.size() * WordTimes.LEAST_MS;
        int end = Math.min(giving.endMs(), Math.min(latest, Math.max(giving.startMs() + least, edges[1])));
        Word shortened = giving.withTime(giving.startMs(), end);
        if (result.isEmpty()) {
            before = shortened;
        } else {
            result.set(result.size() - 1, shortened);
        }
        return end;
    }
}
