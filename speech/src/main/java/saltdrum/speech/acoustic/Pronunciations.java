package saltdrum.speech.acoustic;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.speech.lettersound.Dictionary;
import saltdrum.speech.lettersound.LetterToSound;

/** How words sound: the CMU dictionary, and letter-to-sound for words outside it. */
public final class Pronunciations {
    private Pronunciations() {}

    /** All ways to say each word, as phone names; at least one for any word with a letter from a to z. */
    public static Map<String, List<List<String>>> of(Collection<String> words) {
        Set<String> wanted = new HashSet<>(words);
        Map<String, LinkedHashSet<List<String>>> found = new HashMap<>();
        Dictionary.read((word, phones) -> {
            if (wanted.contains(word)) {
                found.computeIfAbsent(word, w -> new LinkedHashSet<>()).add(List.of(phones.split(" ")));
            }
        });
        Map<String, List<List<String>>> all = new HashMap<>();
        for (String word : wanted) {
            List<List<String>> ways = new ArrayList<>(found.getOrDefault(word, new LinkedHashSet<>()));
            if (ways.isEmpty()) {
                ways.addAll(LetterToSound.shipped().pronounce(word, 3));
            }
            if (!ways.isEmpty()) {
                all.put(word, ways);
            }
        }
        return all;
    }
}
