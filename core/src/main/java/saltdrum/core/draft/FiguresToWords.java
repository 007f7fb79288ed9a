package saltdrum.core.draft;

import java.util.List;
import java.util.Set;
import saltdrum.core.spoken.SpokenForm;
import saltdrum.core.word.Word;

/** A figure as English words: {@code 25} to {@code twenty-five}, {@code $3.50} to {@code three dollars fifty}. */
final class FiguresToWords {
    private static final Set<String> TENS =
            Set.of("twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    private static final Set<String> UNITS =
            Set.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine");

    /** Names and codes with a digit in them stay: a number begins with one, or with a sign of money. */
    private static final String NUMBER = "^[\\p{Ps}\\p{Pi}\"'“‘(]*-?[$€£¥]?\\d.*";

    private static final SpokenForm SPOKEN = new SpokenForm();

    private FiguresToWords() {}

    static Word of(Word word) {
        if (!word.text().matches(NUMBER)) {
            return word;
        }
        List<String> said = SPOKEN.of(word.text());
        if (said.isEmpty()) {
            return word;
        }
        StringBuilder text = new StringBuilder(said.get(0));
        for (int i = 1; i < said.size(); i++) {
            boolean hyphen = TENS.contains(said.get(i - 1)) && UNITS.contains(said.get(i));
            text.append(hyphen ? '-' : '\u00A0').append(said.get(i));
        }
        String head = word.text().replaceAll("[-$€£¥\\p{L}\\p{N}].*$", "");
        String tail = word.text().replaceAll("^.*[\\p{L}\\p{N}%°]", "");
        return PolicyRewriter.rewritten(word, head + text + tail);
    }
}
