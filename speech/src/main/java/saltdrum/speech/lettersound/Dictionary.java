package saltdrum.speech.lettersound;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.BiConsumer;
import saltdrum.speech.prepared.SortedLines;

/** The CMU pronouncing dictionary, as sphinx4 ships it; the build puts it in the order of its words. */
public final class Dictionary {
    public static final String FILE = "/edu/cmu/sphinx/models/en-us/cmudict-en-us.dict";
    /** Beside this class: words, and their phones separated by single spaces. */
    public static final String SORTED = "en.words";

    private Dictionary() {}

    private static final class Holder {
        static final SortedLines WORDS = SortedLines.of(Dictionary.class, SORTED);
    }

    /** Every way a word in small letters is said, as phone names; none for a word that is not in it. */
    public static List<List<String>> pronunciations(String word) {
        return Holder.WORDS.of(word).stream()
                .map(phones -> List.of(phones.split(" ")))
                .toList();
    }

    /** The shipped file in order. */
    public static byte[] sorted() {
        SortedLines.Sorting words = new SortedLines.Sorting();
        read(words::put);
        return words.lines();
    }

    /** Every entry of the shipped file: the word, and its phones separated by single spaces. */
    static void read(BiConsumer<String, String> entry) {
        try (InputStream in = Dictionary.class.getResourceAsStream(FILE);
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
