package saltdrum.core.cue;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;

/**
 * The cost of a break: high where a reader would stumble, low where a speaker breathes. The weights are
 * our own; the kinds of bad ends are common practice, no source.
 */
final class BreakCost {
    private static final Set<String> LEAN_ON_THE_NEXT = Set.of(
            "a", "an", "the", "of", "to", "in", "on", "at", "by", "for", "from", "with", "into", "onto", "over",
            "under", "and", "or", "but", "nor", "if", "as", "than", "that", "because", "so", "my", "your", "his", "her",
            "its", "our", "their", "this", "these", "those", "is", "are", "was", "were", "be", "i", "we", "you", "he",
            "she", "they", "it", "not", "no", "very", "every", "some", "any", "will", "would", "can", "could");

    private static final Pattern SENTENCE = Pattern.compile("[.!?…。！？]+[\"'”’)]*$");
    private static final Pattern COMMA = Pattern.compile("[,;:–—][\"'”’)]*$");
    private static final Pattern ABBREVIATION = Pattern.compile("(?:\\p{L}\\.)+|(?i)(mr|mrs|ms|dr|st)\\.");
    private static final Pattern NUMBER = Pattern.compile("[\\d.,]+");
    private static final Pattern UNIT = Pattern.compile(
            "(?i)(%|mm|cm|m|km|kg|g|ml|l|am|pm|percent|metres?|feet|inches|knots|minutes?|hours?|days?|coats?)[.,!?]*");

    private final List<Word> words;
    private final Recipe recipe;
    private final boolean english;
    private final boolean allUpper;

    /** Whether word i ends a sentence; what a break before word i costs. */
    private final boolean[] sentenceEnd;

    private final double[] breakBefore;

    /** The cost of reading on from word 0 to word i within one cue: pauses and sentence ends inside it. */
    private final double[] runTo;

    BreakCost(List<Word> words, Recipe recipe, String language) {
        this.words = words;
        this.recipe = recipe;
        this.english = language.toLowerCase(Locale.ROOT).startsWith("en");
        this.allUpper =
                words.stream().limit(12).allMatch(w -> w.text().equals(w.text().toUpperCase(Locale.ROOT)));
        this.sentenceEnd = new boolean[words.size()];
        this.breakBefore = new double[words.size() + 1];
        this.runTo = new double[words.size()];
        for (int i = 0; i < words.size(); i++) {
            sentenceEnd[i] = endsSentence(words.get(i));
        }
        for (int i = 1; i < words.size(); i++) {
            breakBefore[i] = costBefore(i);
            int pause = words.get(i).startMs() - words.get(i - 1).endMs();
            runTo[i] = runTo[i - 1] + Math.max(0, pause - 120) / 250.0 + (sentenceEnd[i - 1] ? 2.5 : 0);
        }
    }

    /** Cost of showing words start (inclusive) to end (exclusive) as one cue. */
    double ofCue(int start, int end) {
        double cost = 1.0 + runTo[end - 1] - runTo[start];
        int spoken = words.get(end - 1).endMs() - words.get(start).startMs();
        if (spoken > recipe.longestMs() && end - start > 1) {
            cost += 20.0 * (spoken - recipe.longestMs()) / recipe.longestMs() + 5;
        }
        if (spoken < recipe.shortestMs() && recipe.words() > 1) {
            cost += 0.8 * (recipe.shortestMs() - spoken) / recipe.shortestMs();
        }
        if (end - start == 1 && recipe.words() > 1 && words.get(start).text().length() <= 3) {
            cost += 0.5;
        }
        return cost + breakBefore[end];
    }

    /** Cost of a line ending before word {@code next}. */
    double ofLineEnd(int next) {
        return Math.max(0, breakBefore[next]) * 0.7;
    }

    private double costBefore(int next) {
        Word last = words.get(next - 1);
        Word following = words.get(next);
        int pause = following.startMs() - last.endMs();
        double relief = Math.min(1.0, Math.max(0, pause) / 300.0);
        if (sentenceEnd[next - 1]) {
            return -0.8;
        }
        if (COMMA.matcher(last.text()).find()) {
            return -0.5;
        }
        if (tied(next - 1)) {
            return 6;
        }
        double lean = english && LEAN_ON_THE_NEXT.contains(Tokens.normalised(last.text())) ? 1.4 : 0.25;
        return lean * (1 - 0.8 * relief) - 0.3 * relief;
    }

    private static boolean endsSentence(Word word) {
        return SENTENCE.matcher(word.text()).find()
                && !ABBREVIATION.matcher(word.text()).matches();
    }

    /** A number and its unit, and the parts of a name, stay together; a sentence's first capital is no name. */
    private boolean tied(int index) {
        String last = words.get(index).text();
        String next = words.get(index + 1).text();
        boolean numberAndUnit =
                NUMBER.matcher(last).matches() && UNIT.matcher(next).matches();
        boolean opensSentence = index == 0 || sentenceEnd[index - 1];
        boolean name = !opensSentence
                && !allUpper
                && last.length() > 1
                && startsUpper(last)
                && startsUpper(next)
                && Character.isLetter(last.codePointBefore(last.length()));
        return numberAndUnit || name;
    }

    private static boolean startsUpper(String text) {
        return Character.isUpperCase(text.codePointAt(0));
    }
}
