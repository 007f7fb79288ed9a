package saltdrum.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import saltdrum.core.word.Word;

/** English number words to figures: {@code twenty five} to {@code 25}. One to nine alone stay words, as is usual. */
final class WordsToFigures {
    private static final Map<String, Integer> UNITS = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19));
    private static final Map<String, Integer> TENS = Map.of(
            "twenty", 20, "thirty", 30, "forty", 40, "fifty", 50, "sixty", 60, "seventy", 70, "eighty", 80, "ninety",
            90);
    private static final Map<String, Integer> SCALES = Map.of("hundred", 100, "thousand", 1000, "million", 1_000_000);

    private WordsToFigures() {}

    static List<Word> of(List<Word> words) {
        List<Word> result = new ArrayList<>();
        for (int i = 0; i < words.size(); ) {
            String whole = ofOne(words.get(i));
            if (whole != null) {
                result.add(PolicyRewriter.rewritten(words.get(i++), whole));
                continue;
            }
            Word first = words.get(i);
            AmountsToFigures.Amount amount = AmountsToFigures.at(words, i);
            if (amount != null) {
                Word end = words.get(amount.end() - 1);
                result.add(PolicyRewriter.rewritten(first, amount.text()).withTime(first.startMs(), end.endMs()));
                i = amount.end();
                continue;
            }
            Number number = longest(words, i);
            if (number == null) {
                result.add(words.get(i++));
                continue;
            }
            Word last = words.get(number.end - 1);
            int next = number.end;
            String text = Long.toString(number.value);
            String tail = tail(last.text());
            if (tail.isEmpty() && next < words.size() && plain(words.get(next)).equals("percent")) {
                tail = "%" + tail(words.get(next).text());
                last = words.get(next++);
            }
            result.add(PolicyRewriter.rewritten(first, text + tail).withTime(first.startMs(), last.endMs()));
            i = next;
        }
        return result;
    }

    /** The figure of a number that {@link FiguresToWords} wrote as one word; null for any other word. */
    private static String ofOne(Word word) {
        String[] parts = word.text().split("\u00A0");
        if (parts.length < 2) {
            return null;
        }
        List<Word> apart = java.util.Arrays.stream(parts)
                .filter(part -> !part.isBlank())
                .map(part -> PolicyRewriter.rewritten(word, part))
                .toList();
        AmountsToFigures.Amount amount = AmountsToFigures.at(apart, 0);
        if (amount != null && amount.end() == apart.size()) {
            return amount.text();
        }
        Number number = longest(apart, 0);
        return number == null || number.end < apart.size() ? null : number.value + tail(word.text());
    }

    /** @param end index after its last word */
    record Number(long value, int end) {}

    /** The longest number from here. A lone small one reads better as a word, and is none. */
    private static Number longest(List<Word> words, int from) {
        Number number = number(words, from);
        return number == null || number.value < 10 && number.end - from == 1 ? null : number;
    }

    /** The longest number from here, or null. */
    static Number number(List<Word> words, int from) {
        Sum sum = new Sum(0, 0, false, 0);
        int end = from;
        for (int i = from; i < words.size(); i++) {
            if (bridges(words, i, from)) {
                continue;
            }
            Sum longer = sum.with(plain(words.get(i)).split("-"));
            if (longer == null) {
                break;
            }
            sum = longer;
            end = i + 1;
            if (!tail(words.get(i).text()).isEmpty()) {
                break;
            }
        }
        long value = sum.total + sum.group;
        Number rest = end - from == 1 && value >= 13 && value <= 20 ? longest(words, end) : null;
        if (rest != null
                && rest.value >= 10
                && rest.value <= 99
                && tail(words.get(from).text()).isEmpty()) {
            // A year: nineteen eighty-seven.
            return new Number(value * 100 + rest.value, rest.end);
        }
        return sum.count == 0 ? null : new Number(value, end);
    }

    /** Whether a word is the “and” of “two hundred and five”. */
    private static boolean bridges(List<Word> words, int i, int from) {
        return plain(words.get(i)).equals("and")
                && i > from
                && SCALES.containsKey(plain(words.get(i - 1)))
                && i + 1 < words.size()
                && small(plain(words.get(i + 1)));
    }

    private static boolean small(String word) {
        String first = word.split("-")[0];
        return UNITS.containsKey(first) || TENS.containsKey(first);
    }

    /**
     * A number as far as it was read.
     *
     * @param total the thousands that are closed
     * @param group what is added up since
     * @param afterTens whether tens wait for their units
     * @param count how many words it has
     */
    private record Sum(long total, long group, boolean afterTens, int count) {
        /** With these words more, or null when they do not go on with it. */
        Sum with(String... words) {
            Sum sum = this;
            for (String word : words) {
                sum = sum == null ? null : sum.with(word);
            }
            return sum;
        }

        private Sum with(String word) {
            Integer unit = UNITS.get(word);
            Integer tens = TENS.get(word);
            Integer scale = SCALES.get(word);
            if (unit != null && (group % 100 == 0 || afterTens && unit < 10)) {
                return new Sum(total, group + unit, false, count + 1);
            }
            if (tens != null && group % 100 == 0) {
                return new Sum(total, group + tens, true, count + 1);
            }
            if (scale != null && count > 0 && group > 0 && (scale > 100 || group < 100)) {
                return scale == 100
                        ? new Sum(total, group * 100, false, count + 1)
                        : new Sum(total + group * scale, 0, false, count + 1);
            }
            return null;
        }
    }

    static String plain(Word word) {
        return word.text().toLowerCase(Locale.ROOT).replaceAll("[^a-z-]+$", "");
    }

    static String tail(String text) {
        return text.replaceAll("^.*?([^\\p{L}\\p{N}]*)$", "$1");
    }
}
