package saltdrum.speech.lettersound;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.function.BiConsumer;

/** The CMU pronouncing dictionary, as sphinx4 ships it. */
public final class Dictionary {
    public static final String FILE = "/edu/cmu/sphinx/models/en-us/cmudict-en-us.dict";

    private Dictionary() {}

    /** Every entry of the dictionary: the word, and its phones separated by single spaces. */
    public static void read(BiConsumer<String, String> entry) {
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
