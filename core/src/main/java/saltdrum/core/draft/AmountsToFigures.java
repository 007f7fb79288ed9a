package saltdrum.core.draft;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.draft.WordsToFigures.Number;
import saltdrum.core.word.Word;

/**
 * Writes amounts of money and times of day in figures: {@code three dollars fifty} becomes {@code $3.50}, {@code four
 * p m} and {@code 4:00 p.m.} become {@code 4pm}. Pounds stay words, because they are also a weight.
 */
final class AmountsToFigures {
    private static final Map<String, String> MONEY =
            Map.of("dollar", "$", "dollars", "$", "euro", "€", "euros", "€", "yen", "¥");

    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2})(?:[:.](\\d{2}))?");

    private AmountsToFigures() {}

    /**
     * @param text including trailing punctuation: a comma, a full stop
     * @param end index after its last word
     */
    record Amount(String text, int end) {}

    /** What begins with this word, or null. */
    static Amount at(List<Word> words, int from) {
        Matcher clock = CLOCK.matcher(words.get(from).text());
        if (clock.matches()) {
            int minutes = clock.group(2) == null ? 0 : Integer.parseInt(clock.group(2));
            return ofDay(words, from + 1, Integer.parseInt(clock.group(1)), minutes);
        }
        Number number = WordsToFigures.number(words, from);
        if (number == null || goesNoFurther(words, number.end())) {
            return null;
        }
        String sign = MONEY.get(plain(words, number.end()));
        if (sign != null) {
            return money(words, sign + number.value(), number.end() + 1);
        }
        Number minutes = number.value() <= 12 ? WordsToFigures.number(words, number.end()) : null;
        return minutes != null && minutes.value() >= 10
                ? ofDay(words, minutes.end(), number.value(), minutes.value())
                : ofDay(words, number.end(), number.value(), 0);
    }

    private static Amount money(List<Word> words, String whole, int next) {
        boolean and = plain(words, next).equals("and");
        Number cents = goesNoFurther(words, next) ? null : WordsToFigures.number(words, and ? next + 1 : next);
        if (cents == null || cents.value() > 99) {
            return amount(words, whole, next);
        }
        boolean said = plain(words, cents.end()).matches("cents?");
        boolean told = !and && cents.value() >= 10;
        return said || told
                ? amount(
                        words,
                        String.format(Locale.ROOT, "%s.%02d", whole, cents.value()),
                        said ? cents.end() + 1 : cents.end())
                : amount(words, whole, next);
    }

    private static Amount ofDay(List<Word> words, int next, long hour, long minutes) {
        if (hour < 1 || hour > 12 || minutes > 59) {
            return null;
        }
        String half = plain(words, next).replace(".", "");
        int end = next + 1;
        if (half.matches("[ap]") && plain(words, end).equals("m")) {
            half += "m";
            end++;
        }
        if (!half.matches("[ap]m")) {
            return null;
        }
        String text = hour + (minutes == 0 ? "" : String.format(Locale.ROOT, ":%02d", minutes)) + half;
        boolean dotted = words.get(end - 1).text().matches("(?i)([ap]\\.)?m\\..*");
        boolean goesOn = end < words.size()
                && !Character.isUpperCase(words.get(end).text().codePointAt(0));
        Amount amount = amount(words, text, end);
        // The last stop of “p.m.” is a sentence's only where one ends.
        return dotted && goesOn ? new Amount(amount.text.replaceFirst("\\.$", ""), end) : amount;
    }

    private static Amount amount(List<Word> words, String text, int end) {
        return new Amount(text + WordsToFigures.tail(words.get(end - 1).text()), end);
    }

    /** Whether the word before this one ends a clause, or is the last. */
    private static boolean goesNoFurther(List<Word> words, int next) {
        return next >= words.size()
                || !WordsToFigures.tail(words.get(next - 1).text()).isEmpty();
    }

    private static String plain(List<Word> words, int index) {
        return index < words.size() ? WordsToFigures.plain(words.get(index)) : "";
    }
}
