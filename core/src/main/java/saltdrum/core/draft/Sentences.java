package saltdrum.core.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import saltdrum.core.word.Word;

/** Adds capitals and full stops to a draft without any, based on pauses; common practice, no source. */
final class Sentences {
    private static final int STOP_MS = 550;
    private static final int COMMA_MS = 250;
    private static final int FEWEST_WORDS = 2;

    private static final Set<String> ASKING = Set.of(
            "who", "what", "where", "when", "why", "how", "which", "whose", "is", "are", "do", "does", "did", "can",
            "could", "will", "would", "should", "has", "have", "was", "were");
    /** A sentence does not end on these, however long the pause. */
    private static final Set<String> OPEN = Set.of(
            "a", "an", "the", "and", "or", "but", "of", "to", "in", "on", "at", "for", "with", "from", "by", "as", "if",
            "that", "my", "your", "our", "their", "his", "its");

    private Sentences() {}

    static List<Word> of(List<Word> words) {
        List<Word> result = new ArrayList<>(words.size());
        int first = 0;
        for (int i = 0; i < words.size(); i++) {
            Word word = words.get(i);
            String text = word.text();
            String plain = text.toLowerCase(Locale.ROOT);
            if (plain.equals("i") || plain.startsWith("i'") || plain.startsWith("i’")) {
                text = "I" + text.substring(1);
            }
            if (i == first) {
                text = capital(text);
            }
            boolean last = i + 1 == words.size();
            int pause = last ? Integer.MAX_VALUE : words.get(i + 1).startMs() - word.endMs();
            if (ends(text)) {
                first = i + 1;
            } else if (last || pause >= STOP_MS && i - first + 1 >= FEWEST_WORDS && !OPEN.contains(plain)) {
                String opening = words.get(first).text().toLowerCase(Locale.ROOT);
                text = text.replaceAll("[,;:]$", "") + (ASKING.contains(opening) && i > first ? "?" : ".");
                first = i + 1;
            } else if (pause >= COMMA_MS
                    && !OPEN.contains(plain)
                    && Character.isLetterOrDigit(text.codePointBefore(text.length()))) {
                text = text + ",";
            }
            result.add(PolicyRewriter.rewritten(word, text));
        }
        return result;
    }

    private static boolean ends(String text) {
        return text.matches(".*[.!?…][\"'”’)]*$");
    }

    private static String capital(String text) {
        int first = text.codePointAt(0);
        return Character.toString(Character.toTitleCase(first)) + text.substring(Character.charCount(first));
    }
}
