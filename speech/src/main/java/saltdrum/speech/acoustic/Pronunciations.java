package saltdrum.speech.acoustic;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.speech.lettersound.Dictionary;
import saltdrum.speech.lettersound.LetterToSound;

/** How words sound: the CMU dictionary, and letter-to-sound for words outside it. */
public final class Pronunciations {
    private static final int MOST_GUESSES = 3;

    private Pronunciations() {}

    /** All ways to say each word, as phone names; at least one for any word with a letter from a to z. */
    public static Map<String, List<List<String>>> of(Collection<String> words) {
        Map<String, List<List<String>>> all = new HashMap<>();
        for (String word : words) {
            if (!all.containsKey(word)) {
                List<List<String>> ways = of(word);
                if (!ways.isEmpty()) {
                    all.put(word, ways);
                }
            }
        }
        return all;
    }

    private static List<List<String>> of(String word) {
        List<List<String>> known = Dictionary.pronunciations(word);
        return known.isEmpty() ? LetterToSound.shipped().pronounce(word, MOST_GUESSES) : known;
    }
}
