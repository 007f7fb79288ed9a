package saltdrum.core.cue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * Arranges words in the lines of one cue: breaks made by a person are respected, otherwise lines are as few and as even
 * as possible. Prefix sums of lengths and pins make measuring any run of words O(1).
 */
final class LineSetter {
    static final double IMPOSSIBLE = 1e9;

    /** A cue of more lines than this fits no screen: its lines are filled one after the other, not weighed together. */
    private static final int WEIGHED_LINES = 8;

    /** What a line more costs. */
    private static final double LINE = 0.6;

    private final Recipe recipe;
    private final BreakCost cost;

    /** Characters from word 0 to the end of word i - 1, including the gaps between them. */
    private final int[] charactersTo;

    private final int[] gaps;

    /** Breaks made by hand before word 0 to i - 1. */
    private final int[] handBreaksTo;

    private final LineMeasure.Lines measure;

    LineSetter(List<Word> words, Recipe recipe, BreakCost cost, LineMeasure.Lines measure) {
        this.measure = measure;
        this.recipe = recipe;
        this.cost = cost;
        this.charactersTo = new int[words.size() + 1];
        this.gaps = new int[words.size()];
        this.handBreaksTo = new int[words.size() + 1];
        for (int i = 0; i < words.size(); i++) {
            gaps[i] = i > 0
                            && Scripts.spaced(
                                    words.get(i - 1).text(), words.get(i).text())
                    ? 1
                    : 0;
            charactersTo[i + 1] = charactersTo[i]
                    + gaps[i]
                    + ReadingSpeed.characters(words.get(i).text());
            handBreaksTo[i + 1] = handBreaksTo[i] + (words.get(i).pin() == Pin.LINE_BREAK ? 1 : 0);
        }
    }

    /** @param starts indexes in the cue of the words that begin a line, but for the first */
    record Setting(double cost, List<Integer> starts) {}

    /** Characters of words start (inclusive) to end (exclusive) in one line. */
    int length(int start, int end) {
        return charactersTo[end] - charactersTo[start] - gaps[start];
    }

    private boolean fits(int start, int end) {
        return length(start, end) <= recipe.lineCharacters() && measure.fit(start, end);
    }

    private int handBreaks(int after, int end) {
        return handBreaksTo[end] - handBreaksTo[after + 1];
    }

    private boolean handBreakAt(int index) {
        return handBreaksTo[index + 1] > handBreaksTo[index];
    }

    /** The best lines of a cue that is settled: where the recipe's do not fit, it has more. */
    List<Integer> settled(int start, int end) {
        Setting asAsked = set(start, end);
        if (asAsked.cost() < IMPOSSIBLE || handBreaks(start, end) > 0 || fewest(start, end) > WEIGHED_LINES) {
            return asAsked.starts();
        }
        for (int lines = recipe.lines() + 1; lines <= Math.min(WEIGHED_LINES, end - start); lines++) {
            Setting more = weighed(start, end, lines, (double) length(start, end) / lines);
            if (more.cost() < IMPOSSIBLE) {
                return more.starts();
            }
        }
        return asAsked.starts();
    }

    /** The best lines of words start to end. */
    Setting set(int start, int end) {
        int forced = handBreaks(start, end);
        int most = Math.max(recipe.lines(), forced + 1);
        int total = length(start, end);
        if (most == 1 && fits(start, end)) {
            return new Setting(0, List.of());
        }
        int fewest = fewest(start, end);
        if (fewest > WEIGHED_LINES) {
            return forced > 0 ? asBroken(start, end) : filled(start, end);
        }
        Setting chosen = null;
        for (int lines = fewest; lines <= Math.max(most, fewest) && lines <= end - start; lines++) {
            double more = LINE * (lines - fewest);
            if (chosen != null && more >= chosen.cost()) {
                break;
            }
            Setting setting = weighed(start, end, lines, (double) total / lines);
            if (chosen == null || setting.cost() + more < chosen.cost()) {
                chosen = setting;
            }
        }
        return chosen == null ? new Setting(IMPOSSIBLE, List.of()) : chosen;
    }

    /** The least number of lines that the words can have: as broken by hand, else by the characters of a line. */
    private int fewest(int start, int end) {
        int forced = handBreaks(start, end);
        if (forced > 0) {
            return forced + 1;
        }
        int least = (length(start, end) + recipe.lineCharacters()) / (recipe.lineCharacters() + 1);
        return Math.max(1, least);
    }

    private Setting asBroken(int start, int end) {
        List<Integer> starts = new ArrayList<>();
        for (int i = start + 1; i < end; i++) {
            if (handBreakAt(i)) {
                starts.add(i - start);
            }
        }
        return new Setting(IMPOSSIBLE, starts);
    }

    private Setting filled(int start, int end) {
        List<Integer> starts = new ArrayList<>();
        int open = start;
        for (int i = start + 1; i < end; i++) {
            if (!fits(open, i + 1)) {
                starts.add(i - start);
                open = i;
            }
        }
        return new Setting(IMPOSSIBLE, starts);
    }

    /** Exactly so many lines, each as near as can be to the {@code even} length. */
    private Setting weighed(int start, int end, int lines, double even) {
        int count = end - start;
        double[][] best = new double[lines + 1][count + 1];
        int[][] from = new int[lines + 1][count + 1];
        for (double[] row : best) {
            Arrays.fill(row, Double.MAX_VALUE);
        }
        best[0][0] = 0;
        for (int line = 1; line <= lines; line++) {
            // The first line begins with the first word, and the last one ends with the last.
            for (int stop = line == lines ? count : line; stop <= count - (lines - line); stop++) {
                int least = line - 1;
                int most = line == 1 ? 0 : stop - 1;
                int near = nearest(start, least, most, stop, even);
                for (int open = near; open >= least && handBreaks(start + open, start + stop) == 0; open--) {
                    if (!tryLine(best, from, line, open, stop, start, end, even)) {
                        break;
                    }
                }
                for (int open = near + 1; open <= most; open++) {
                    boolean broken = handBreaks(start + open, start + stop) > 0;
                    if (!broken && !tryLine(best, from, line, open, stop, start, end, even)) {
                        break;
                    }
                }
            }
        }
        if (best[lines][count] == Double.MAX_VALUE) {
            return new Setting(IMPOSSIBLE, List.of());
        }
        List<Integer> starts = new ArrayList<>();
        int stop = count;
        for (int line = lines; line > 1; line--) {
            stop = from[line][stop];
            starts.add(0, stop);
        }
        return new Setting(best[lines][count], starts);
    }

    /** The last place where a line may begin and still is as long as the {@code even} length; else the first place. */
    private int nearest(int start, int least, int most, int stop, double even) {
        int low = least;
        int high = most;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (length(start + middle, start + stop) >= even) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** Keeps a line if it is better; false when it, and every line that is still less even, is too dear. */
    private boolean tryLine(
            double[][] best, int[][] from, int line, int open, int stop, int start, int end, double even) {
        double alone = ofLine(start + open, start + stop, even);
        if (alone > best[line][stop]) {
            return false;
        }
        if (best[line - 1][open] < Double.MAX_VALUE) {
            double ending = start + stop < end ? cost.ofLineEnd(start + stop) : 0;
            double total = best[line - 1][open] + alone + ending;
            if (total < best[line][stop] || total == best[line][stop] && open > from[line][stop]) {
                best[line][stop] = total;
                from[line][stop] = open;
            }
        }
        return true;
    }

    private double ofLine(int open, int stop, double even) {
        int length = length(open, stop);
        double uneven = (length - even) / recipe.lineCharacters();
        double over = stop - open > 1 && !fits(open, stop) ? IMPOSSIBLE : 0;
        return 2 * uneven * uneven + over;
    }
}
