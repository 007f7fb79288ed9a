package saltdrum.core.cue;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * The cost of a break: high where a reader would stumble, low where a speaker breathes. The weights are
 * our own; the kinds of bad ends are common practice, no source.
 */
final class BreakCost {
    private static final Pattern SENTENCE = Pattern.compile("[.!?…。！？]+[\"'”’)]*$");
    private static final Pattern COMMA = Pattern.compile("[,;:–—][\"'”’)]*$");
    private static final Pattern ABBREVIATION = Pattern.compile("(?:\\p{L}\\.)+|(?i)(mr|mrs|ms|dr|st)\\.");
    private static final Pattern NUMBER = Pattern.compile("[\\d.,]+");
    private static final Pattern UNIT = Pattern.compile(
            "(?i)(%|mm|cm|m|km|kg|g|ml|l|am|pm|percent|metres?|feet|inches|knots|minutes?|hours?|days?|coats?)[.,!?]*");

    /** What it costs to part a word from the one it leans on: more than a cue more. */
    private static final double LEAN = 4;

    private final List<Word> words;
    private final Recipe recipe;
    private final String language;
    private final boolean allUpper;

    /** Whether word i ends a sentence; what a break before word i costs. */
    private final boolean[] sentenceEnd;

    private final double[] breakBefore;

    /** Characters and gaps up to word i. */
    private final int[] charactersTo;

    /** The cost of reading on from word 0 to word i within one cue: pauses and sentence ends inside it. */
    private final double[] runTo;

    BreakCost(List<Word> words, Recipe recipe, String language) {
        this.words = words;
        this.recipe = recipe;
        this.language = language;
        this.allUpper =
                words.stream().limit(12).allMatch(w -> w.text().equals(w.text().toUpperCase(Locale.ROOT)));
        this.sentenceEnd = new boolean[words.size()];
        this.breakBefore = new double[words.size() + 1];
        this.runTo = new double[words.size()];
        this.charactersTo = new int[words.size() + 1];
        for (int i = 0; i < words.size(); i++) {
            sentenceEnd[i] = endsSentence(words.get(i));
            charactersTo[i + 1] =
                    charactersTo[i] + ReadingSpeed.characters(words.get(i).text()) + 1;
        }
        for (int i = 1; i < words.size(); i++) {
            breakBefore[i] = costBefore(i);
            int pause = words.get(i).startMs() - words.get(i - 1).endMs();
            double inside = sentenceEnd[i - 1]
                    ? 2.5
                    : COMMA.matcher(words.get(i - 1).text()).find() ? 0.2 : 0;
            runTo[i] = runTo[i - 1] + Math.max(0, pause - 120) / 250.0 + inside;
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
        return cost + unread(start, end) + breakBefore[end];
    }

    /** What it costs that a cue of several words is gone before it is read. */
    private double unread(int start, int end) {
        if (end - start < 2 || recipe.words() == 1) {
            return 0;
        }
        int shown = Math.max(1, shownMs(start, end));
        double brief = Math.min(recipe.shortestMs(), CueTime.SHORTEST_MS);
        double cost = shown >= brief ? 0 : 1.2 + 2 * (1 - shown / brief);
        if (!Scripts.spaced(words.get(start).text(), words.get(start).text())) {
            return cost;
        }
        double speed = 1000.0 * (charactersTo[end] - charactersTo[start] - 1) / shown;
        return ReadingSpeed.tooFast(speed, ReadingSpeed.READABLE)
                ? cost + 2.5 + 5 * (speed / ReadingSpeed.READABLE - 1)
                : cost;
    }

    /** As {@link CueTime} shows a cue whose neighbours are not known yet. */
    private int shownMs(int start, int end) {
        int wanted = words.get(start).startMs() - recipe.leadInMs();
        int show = start == 0
                ? Math.max(0, wanted)
                : Math.max(wanted, words.get(start - 1).endMs());
        int last = words.get(end - 1).endMs();
        int hide = Math.max(last + recipe.holdMs(), show + recipe.shortestMs());
        if (end == words.size()) {
            return hide - show;
        }
        int next = Math.max(last, words.get(end).startMs() - recipe.leadInMs());
        boolean bridged = next - hide < CueTime.SHORTEST_GAP_MS || next - last <= recipe.bridgeMs();
        return (bridged ? next : hide) - show;
    }

    /** Cost of a line ending before word {@code next}. */
    double ofLineEnd(int next) {
        return Math.max(0, breakBefore[next]);
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
        double leans = Math.max(Leaning.onNext(last.text(), language), Leaning.onLast(following.text(), language));
        double lean = Math.max(0.25, LEAN * leans);
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
