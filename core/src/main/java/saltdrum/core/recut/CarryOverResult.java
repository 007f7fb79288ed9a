package saltdrum.core.recut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.cue.Range;
import saltdrum.core.word.Word;

/**
 * The result of carrying captions over to other footage.
 *
 * @param kept number of words at the same times
 * @param moved number of words at other times
 * @param lost words that are no longer said, at their old times
 * @param fresh stretches of the new footage that are not in the old one, in order
 */
public record CarryOverResult(int kept, int moved, List<Lost> lost, List<Range> fresh) {
    /** Words that move by less count as unmoved: a frame at 25 a second. */
    private static final int SAME_MS = 40;
    /** Shorter stretches hold no word that anyone would miss. */
    private static final int LEAST_FRESH_MS = 700;

    public record Lost(String text, int atMs) {}

    public CarryOverResult {
        lost = List.copyOf(lost);
        fresh = List.copyOf(fresh);
    }

    /**
     * @param words before, in their order
     * @param placed those of them that were found
     * @param beforeMs length of the old footage; {@code afterMs} of the new one
     */
    public static CarryOverResult of(List<Word> words, List<PlacedWord> placed, int beforeMs, int afterMs) {
        Map<Long, PlacedWord> found = new HashMap<>();
        placed.forEach(one -> found.put(one.wordId(), one));
        Map<Long, Word> old = new HashMap<>();
        List<Lost> lost = new ArrayList<>();
        int kept = 0;
        for (Word word : words) {
            PlacedWord now = found.get(word.id());
            if (now == null) {
                lost.add(new Lost(word.text(), word.startMs()));
            } else {
                old.put(word.id(), word);
                kept += Math.abs(now.startMs() - word.startMs()) < SAME_MS ? 1 : 0;
            }
        }
        return new CarryOverResult(kept, old.size() - kept, lost, fresh(old, placed, beforeMs, afterMs));
    }

    private static List<Range> fresh(Map<Long, Word> old, List<PlacedWord> placed, int beforeMs, int afterMs) {
        List<PlacedWord> ordered = placed.stream()
                .filter(one -> old.containsKey(one.wordId()))
                .sorted(Comparator.comparingInt(PlacedWord::startMs))
                .toList();
        if (ordered.isEmpty()) {
            return List.of();
        }
        List<Range> fresh = new ArrayList<>();
        PlacedWord first = ordered.get(0);
        add(fresh, 0, first.startMs(), old.get(first.wordId()).startMs());
        for (int i = 1; i < ordered.size(); i++) {
            PlacedWord before = ordered.get(i - 1);
            PlacedWord after = ordered.get(i);
            int rest =
                    old.get(after.wordId()).startMs() - old.get(before.wordId()).endMs();
            add(fresh, before.endMs(), after.startMs(), Math.max(0, rest));
        }
        PlacedWord last = ordered.get(ordered.size() - 1);
        add(fresh, last.endMs(), afterMs, beforeMs - old.get(last.wordId()).endMs());
        return fresh;
    }

    private static void add(List<Range> fresh, int fromMs, int toMs, int wasMs) {
        if (toMs - fromMs - wasMs >= LEAST_FRESH_MS) {
            fresh.add(new Range(fromMs, toMs));
        }
    }
}
