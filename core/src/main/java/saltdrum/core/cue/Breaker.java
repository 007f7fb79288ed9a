package saltdrum.core.cue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedList;
import java.util.List;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Word;

/**
 * Breaks words into cues. Finds the cheapest set of breaks over the whole run by dynamic programming, as paragraphs are
 * set, so that one changed word does not disturb distant cues. Runs in linear time: tied runs are skipped in one step, and
 * lines are evaluated only if they can change the result.
 */
public final class Breaker {
    /** What it costs that a cue is set smaller. */
    private static final double SMALLER = 2;

    private final List<Word> words;
    private final Recipe recipe;
    private final BreakCost cost;
    private final LineSetter setter;

    /** For each word, the first word of the run that a person tied together. */
    private final int[] tiedFrom;

    /** How many of words 0 to i - 1 a person tied to the word before. */
    private final int[] tiedTo;

    /** How many of them may begin a cue by the recipe: neither tied nor broken within a cue by hand. */
    private final int[] freeTo;

    /** How many of them are too short to be a cue of their own. */
    private final int[] glancesTo;

    private Breaker(List<Word> words, Recipe recipe, String language, LineMeasure measure) {
        this.words = words;
        LineMeasure.Lines lines = (recipe.fitted() ? measure : LineMeasure.NONE).of(words, recipe.lines());
        this.recipe = recipe.inLook(measure.tall(), lines.characters());
        this.cost = new BreakCost(words, this.recipe, language);
        this.setter = new LineSetter(words, this.recipe, cost, lines);
        this.glancesTo = glances(words, recipe);
        this.tiedFrom = new int[words.size()];
        this.tiedTo = new int[words.size() + 1];
        this.freeTo = new int[words.size() + 1];
        for (int i = 0; i < words.size(); i++) {
            Pin pin = words.get(i).pin();
            boolean tied = i > 0 && pin == Pin.TOGETHER && !changesSpeaker(i);
            boolean free = pin != Pin.TOGETHER && pin != Pin.LINE_BREAK || changesSpeaker(i);
            tiedFrom[i] = tied ? tiedFrom[i - 1] : i;
            tiedTo[i + 1] = tiedTo[i] + (tied ? 1 : 0);
            freeTo[i + 1] = freeTo[i] + (free ? 1 : 0);
        }
    }

    /** Words that would be shown for less than a glance, because the next one follows at once. */
    private static int[] glances(List<Word> words, Recipe recipe) {
        int[] glances = new int[words.size() + 1];
        for (int i = 0; i < words.size(); i++) {
            int wanted = words.get(i).startMs() - recipe.leadInMs();
            int show = i == 0
                    ? Math.max(0, wanted)
                    : Math.max(wanted, words.get(i - 1).endMs());
            int next = i + 1 == words.size()
                    ? Integer.MAX_VALUE
                    : Math.max(
                            words.get(i + 1).startMs() - recipe.leadInMs(),
                            words.get(i).endMs());
            glances[i + 1] = glances[i] + (next - show < CueTime.GLANCE_MS ? 1 : 0);
        }
        return glances;
    }

    /** Breaks these words into cues. Pinned boundaries are respected; cue ids come from {@code ids}. */
    public static List<Cue> cues(List<Word> words, Recipe recipe, String language, Ids ids) {
        return cues(words, recipe, language, ids, LineMeasure.NONE);
    }

    /** As {@link #cues(List, Recipe, String, Ids)}. @param measure for recipes whose lines are fitted */
    public static List<Cue> cues(List<Word> words, Recipe recipe, String language, Ids ids, LineMeasure measure) {
        if (words.isEmpty()) {
            return List.of();
        }
        return new Breaker(List.copyOf(words), recipe, language, measure).breakAll(ids);
    }

    /** Breaks words that form one cue into lines. Returns the indexes that start a new line. */
    public static List<Integer> lines(List<Word> words, Recipe recipe, String language) {
        return lines(words, recipe, language, LineMeasure.NONE);
    }

    /** As {@link #lines(List, Recipe, String)}. @param measure for recipes whose lines are fitted */
    public static List<Integer> lines(List<Word> words, Recipe recipe, String language, LineMeasure measure) {
        Breaker breaker = new Breaker(List.copyOf(words), recipe, language, measure);
        return breaker.setter.settled(0, words.size());
    }

    private List<Cue> breakAll(Ids ids) {
        int count = words.size();
        double[] best = new double[count + 1];
        int[] from = new int[count + 1];
        Arrays.fill(best, Double.MAX_VALUE);
        best[0] = 0;
        for (int end = 1; end <= count; end++) {
            if (end == count || tiedFrom[end] == end) {
                endAt(end, best, from);
            }
        }
        LinkedList<int[]> spans = new LinkedList<>();
        for (int end = count; end > 0; end = from[end]) {
            spans.addFirst(new int[] {from[end], end});
        }
        return spans.stream()
                .map(s -> new Cue(ids.next(), words.subList(s[0], s[1]), setter.settled(s[0], s[1]), false))
                .toList();
    }

    private record Candidate(int start, double cost) {}

    /**
     * Finds where a cue that ends before word {@code end} best begins. Lines cost nothing or more: once a cue alone is
     * dearer than the best with its lines, the rest need not be looked at.
     */
    private void endAt(int end, double[] best, int[] from) {
        for (Candidate candidate : candidates(end, best, from)) {
            if (candidate.cost > best[end]) {
                return;
            }
            better(end, candidate.start, candidate.cost + linesCost(candidate.start, end), best, from);
        }
    }

    private static void better(int end, int start, double total, double[] best, int[] from) {
        if (total < best[end] || total == best[end] && start > from[end]) {
            best[end] = total;
            from[end] = start;
        }
    }

    /**
     * The boundaries that the recipe allows, the cheapest first. A run that a person tied together is weighed as one.
     */
    private List<Candidate> candidates(int end, double[] best, int[] from) {
        List<Candidate> candidates = new ArrayList<>();
        int start = tiedFrom[end - 1];
        boolean more = true;
        while (more) {
            double alone = best[start] + cost.ofCue(start, end);
            if (heldTogether(start, end)) {
                better(end, start, alone, best, from);
            } else if (couldFit(start, end)) {
                candidates.add(new Candidate(start, alone));
            } else {
                break;
            }
            more = start > 0 && !mustBreak(start);
            start = more ? tiedFrom[start - 1] : start;
        }
        candidates.sort(Comparator.comparingDouble(Candidate::cost));
        return candidates;
    }

    private double linesCost(int start, int end) {
        double lines = setter.set(start, end).cost();
        // A word that is seen only beside its neighbour stays there, and the cue is set smaller.
        boolean one = end - start - (glancesTo[end] - glancesTo[start]) <= 1;
        if (one) {
            return Math.min(lines, SMALLER);
        }
        return lines >= LineSetter.IMPOSSIBLE ? Double.MAX_VALUE : Math.min(lines, 50);
    }

    private boolean mustBreak(int index) {
        Pin pin = words.get(index).pin();
        if (pin == Pin.CUE_BREAK || changesSpeaker(index)) {
            return true;
        }
        if (pin == Pin.TOGETHER || pin == Pin.LINE_BREAK) {
            return false;
        }
        return words.get(index).startMs() - words.get(index - 1).endMs() >= recipe.pauseMs();
    }

    private boolean changesSpeaker(int index) {
        return index > 0
                && !words.get(index).speaker().equals(words.get(index - 1).speaker());
    }

    /** Whether a person tied all these words into one cue, which overrides the recipe. */
    private boolean heldTogether(int start, int end) {
        return freeTo[end] == freeTo[start + 1];
    }

    /** Words tied by hand count as one, and so does one that is too short for a cue of its own, with its neighbour. */
    private boolean couldFit(int start, int end) {
        int units = end - start - (tiedTo[end] - tiedTo[start + 1]) - (glancesTo[end] - glancesTo[start]);
        return units <= recipe.words()
                && setter.length(start, end) <= recipe.lineCharacters() * recipe.lines() + recipe.lines() - 1;
    }
}
