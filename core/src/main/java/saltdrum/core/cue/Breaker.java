package saltdrum.core.cue;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * Breaks words into cues by the cheapest set of breaks over the whole run (dynamic programming over a cost, as
 * paragraphs are set), so that one changed word does not disturb cues far away.
 */
public final class Breaker {
    private static final double IMPOSSIBLE = 1e9;

    private final List<Word> words;
    private final Recipe recipe;
    private final BreakCost cost;
    private final int[] lengths;

    /** Characters between a word and the one before. */
    private final int[] gaps;

    private Breaker(List<Word> words, Recipe recipe, String language) {
        this.words = words;
        this.recipe = recipe;
        this.cost = new BreakCost(words, recipe, language);
        this.lengths =
                words.stream().mapToInt(w -> ReadingSpeed.characters(w.text())).toArray();
        this.gaps = new int[words.size()];
        for (int i = 1; i < gaps.length; i++) {
            gaps[i] = Scripts.spaced(words.get(i - 1).text(), words.get(i).text()) ? 1 : 0;
        }
    }

    /** Cues of these words. Pinned boundaries stand; cue ids come from {@code ids}. */
    public static List<Cue> cues(List<Word> words, Recipe recipe, String language, Ids ids) {
        if (words.isEmpty()) {
            return List.of();
        }
        return new Breaker(words, recipe, language).breakAll(ids);
    }

    /** The lines of words that are to stand as one cue: the indexes that start a new line. */
    public static List<Integer> lines(List<Word> words, Recipe recipe, String language) {
        Breaker breaker = new Breaker(words, recipe, language);
        return breaker.setLines(0, words.size()).starts();
    }

    private List<Cue> breakAll(Ids ids) {
        int count = words.size();
        double[] best = new double[count + 1];
        int[] from = new int[count + 1];
        LineSetting[] setting = new LineSetting[count + 1];
        java.util.Arrays.fill(best, Double.MAX_VALUE);
        best[0] = 0;
        for (int end = 1; end <= count; end++) {
            for (int start = end - 1; start >= 0; start--) {
                if (start < end - 1 && mustBreak(start + 1)) {
                    break;
                }
                boolean held = heldTogether(start, end);
                if (!held && !couldFit(start, end)) {
                    break;
                }
                if (end < count && words.get(end).pin() == Pin.TOGETHER
                        || start > 0 && words.get(start).pin() == Pin.TOGETHER) {
                    continue;
                }
                LineSetting lines = setLines(start, end);
                if (!held && end - start > 1 && lines.cost() >= IMPOSSIBLE) {
                    continue;
                }
                double total = best[start] + cost.ofCue(start, end) + (held ? 0 : Math.min(lines.cost(), 50));
                if (total < best[end]) {
                    best[end] = total;
                    from[end] = start;
                    setting[end] = lines;
                }
            }
        }
        List<int[]> spans = new ArrayList<>();
        for (int end = count; end > 0; end = from[end]) {
            spans.add(0, new int[] {from[end], end});
        }
        return spans.stream()
                .map(s -> new Cue(ids.next(), words.subList(s[0], s[1]), setting[s[1]].starts(), false))
                .toList();
    }

    private boolean mustBreak(int index) {
        Pin pin = words.get(index).pin();
        if (pin == Pin.CUE_BREAK) {
            return true;
        }
        if (pin == Pin.TOGETHER || pin == Pin.LINE_BREAK) {
            return false;
        }
        return words.get(index).startMs() - words.get(index - 1).endMs() >= recipe.pauseMs();
    }

    /** Whether a hand tied all these words into one cue, whatever the recipe says. */
    private boolean heldTogether(int start, int end) {
        for (int i = start + 1; i < end; i++) {
            Pin pin = words.get(i).pin();
            if (pin != Pin.TOGETHER && pin != Pin.LINE_BREAK) {
                return false;
            }
        }
        return true;
    }

    private boolean couldFit(int start, int end) {
        if (end - start > recipe.words()) {
            // Words tied by hand count as one.
            int units = 0;
            for (int i = start; i < end; i++) {
                units += i > start && words.get(i).pin() == Pin.TOGETHER ? 0 : 1;
            }
            if (units > recipe.words()) {
                return false;
            }
        }
        return lengthOf(start, end) <= recipe.lineCharacters() * recipe.lines() + recipe.lines() - 1;
    }

    private int lengthOf(int start, int end) {
        int sum = 0;
        for (int i = start; i < end; i++) {
            sum += lengths[i] + (i > start ? gaps[i] : 0);
        }
        return sum;
    }

    private record LineSetting(double cost, List<Integer> starts) {}

    /** The best lines of words start..end: forced where a hand broke, else as few and as even as fits. */
    private LineSetting setLines(int start, int end) {
        int count = end - start;
        int most = recipe.lines();
        int forced = 0;
        for (int i = start + 1; i < end; i++) {
            forced += words.get(i).pin() == Pin.LINE_BREAK ? 1 : 0;
        }
        most = Math.max(most, forced + 1);
        int total = lengthOf(start, end);
        if (most == 1 && total <= recipe.lineCharacters()) {
            return new LineSetting(0, List.of());
        }
        int fewest = forced > 0
                ? forced + 1
                : Math.max(1, (total + recipe.lineCharacters()) / (recipe.lineCharacters() + 1));
        LineSetting chosen = null;
        for (int lines = fewest; lines <= Math.max(most, fewest) && lines <= count; lines++) {
            LineSetting setting = setIn(start, end, lines, (double) total / lines);
            if (chosen == null || setting.cost() + 0.6 * (lines - fewest) < chosen.cost()) {
                chosen = setting;
            }
        }
        return chosen == null ? new LineSetting(IMPOSSIBLE, List.of()) : chosen;
    }

    private LineSetting setIn(int start, int end, int lines, double even) {
        int count = end - start;
        double[][] best = new double[lines + 1][count + 1];
        int[][] from = new int[lines + 1][count + 1];
        for (double[] row : best) {
            java.util.Arrays.fill(row, Double.MAX_VALUE);
        }
        best[0][0] = 0;
        for (int line = 1; line <= lines; line++) {
            for (int stop = line; stop <= count; stop++) {
                for (int open = stop - 1; open >= line - 1; open--) {
                    tryLine(best, line, open, start, stop, end, even, from);
                }
            }
        }
        if (best[lines][count] == Double.MAX_VALUE) {
            return new LineSetting(IMPOSSIBLE, List.of());
        }
        List<Integer> starts = new ArrayList<>();
        int stop = count;
        for (int line = lines; line > 1; line--) {
            stop = from[line][stop];
            starts.add(0, stop);
        }
        return new LineSetting(best[lines][count], starts);
    }

    private void tryLine(double[][] best, int line, int open, int start, int stop, int end, double even, int[][] from) {
        if (best[line - 1][open] == Double.MAX_VALUE) {
            return;
        }
        for (int i = open + 1; i < stop; i++) {
            if (words.get(start + i).pin() == Pin.LINE_BREAK) {
                return;
            }
        }
        int length = lengthOf(start + open, start + stop);
        double uneven = (length - even) / recipe.lineCharacters();
        double over = length > recipe.lineCharacters() && stop - open > 1 ? IMPOSSIBLE : 0;
        double ending = start + stop < end ? cost.ofLineEnd(start + stop) : 0;
        double total = best[line - 1][open] + 2 * uneven * uneven + over + ending;
        if (total < best[line][stop]) {
            best[line][stop] = total;
            from[line][stop] = open;
        }
    }
}
