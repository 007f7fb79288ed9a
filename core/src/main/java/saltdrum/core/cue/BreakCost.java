package saltdrum.core.cue;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;

/**
 * What a break costs: where a reader would stumble it is dear, where a speaker breathes it is cheap. The weights are
 * our own; the kinds of bad ends are common practice, no source.
 */
final class BreakCost {
    private static final Set<String> LEAN_ON_THE_NEXT = Set.of(
            "a", "an", "the", "of", "to", "in", "on", "at", "by", "for", "from", "with", "into", "onto", "over",
            "under", "and", "or", "but", "nor", "if", "as", "than", "that", "because", "so", "my", "your", "his", "her",
            "its", "our", "their", "this", "these", "those", "is", "are", "was", "were", "be", "i", "we", "you", "he",
            "she", "they", "it", "not", "no", "very", "every", "some", "any", "will", "would", "can", "could");

    private final List<Word> words;
    private final Recipe recipe;
    private final boolean english;

    BreakCost(List<Word> words, Recipe recipe, String language) {
        this.words = words;
        this.recipe = recipe;
        this.english = language.toLowerCase(Locale.ROOT).startsWith("en");
    }

    /** Cost of showing words start (inclusive) to end (exclusive) as one cue. */
    double ofCue(int start, int end) {
        double cost = 1.0;
        for (int i = start + 1; i < end; i++) {
            int pause = words.get(i).startMs() - words.get(i - 1).endMs();
            cost += Math.max(0, pause - 120) / 250.0;
            if (endsSentence(words.get(i - 1))) {
                cost += 2.5;
            }
        }
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
        return cost + (end < words.size() ? ofEnd(end) : 0);
    }

    /** Cost of a line ending before word {@code next}. */
    double ofLineEnd(int next) {
        return Math.max(0, ofEnd(next)) * 0.7;
    }

    private double ofEnd(int next) {
        Word last = words.get(next - 1);
        Word following = words.get(next);
        int pause = following.startMs() - last.endMs();
        double relief = Math.min(1.0, Math.max(0, pause) / 300.0);
        if (endsSentence(last)) {
            return -0.8;
        }
        if (last.text().matches(".*[,;:–—][\"'”’)]*")) {
            return -0.5;
        }
        if (tied(last, following)) {
            return 6;
        }
        double lean = english && LEAN_ON_THE_NEXT.contains(Tokens.normalised(last.text())) ? 1.4 : 0.25;
        return lean * (1 - 0.8 * relief) - 0.3 * relief;
    }

    private static boolean endsSentence(Word word) {
        return word.text().matches(".*[.!?…。！？]+[\"'”’)]*")
                && !word.text().matches("(?:\\p{L}\\.)+|(?i)(mr|mrs|ms|dr|st)\\.");
    }

    /** A number and its unit, and the parts of a name, stay together. */
    private boolean tied(Word last, Word next) {
        boolean numberAndUnit = last.text().matches("[\\d.,]+")
                && next.text()
                        .matches(
                                "(?i)(%|mm|cm|m|km|kg|g|ml|l|am|pm|percent|metres?|feet|inches|knots|minutes?|hours?|days?|coats?)[.,!?]*");
        boolean name = startsUpper(last.text())
                && startsUpper(next.text())
                && !last.text().matches(".*\\p{P}$")
                && last != words.get(0)
                && last.text().length() > 1;
        return numberAndUnit || (name && !allUpper());
    }

    private boolean allUpper() {
        return words.stream().limit(12).allMatch(w -> w.text().equals(w.text().toUpperCase(Locale.ROOT)));
    }

    private static boolean startsUpper(String text) {
        return Character.isUpperCase(text.codePointAt(0));
    }
}
