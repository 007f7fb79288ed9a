package saltdrum.speech.acoustic;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import saltdrum.speech.lettersound.LetterToSound;

/** How words sound: the CMU dictionary, and letter-to-sound for words outside it. */
public final class Pronunciations {
    public static final String DICTIONARY = "/edu/cmu/sphinx/models/en-us/cmudict-en-us.dict";

    private Pronunciations() {}

    /** All ways to say each word, as phone names; at least one for any word with a letter from a to z. */
    public static Map<String, List<List<String>>> of(Collection<String> words) {
        Set<String> wanted = new HashSet<>(words);
        Map<String, LinkedHashSet<List<String>>> found = new HashMap<>();
        read((word, phones) -> {
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

    /** Every entry of the dictionary: the word, and its phones separated by single spaces. */
    public static void read(BiConsumer<String, String> entry) {
        try (InputStream in = Pronunciations.class.getResourceAsStream(DICTIONARY);
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                int space = line.indexOf(' ');
                if (space > 0) {
                    String word = line.substring(0, space);
                    int variant = word.indexOf('(');
                    entry.accept(
                            variant > 0 ? word.substring(0, variant) : word,
                            line.substring(space + 1).trim().replaceAll("\\s+", " "));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
