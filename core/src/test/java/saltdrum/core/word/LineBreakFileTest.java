package saltdrum.core.word;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;

/**
 * Lines of a caption end between two words only. Here every place where two words meet is checked against Unicode's
 * own LineBreakTest-15.0.0.txt (7,654 texts; Unicode licence, named in the file). Two spoken words stay two even with
 * marks at their ends, because each has its own time.
 */
class LineBreakFileTest {
    private static final int TEXTS = 7654;

    @Test
    void wordsMeetOnlyWhereUnicodeLetsALineEnd() {
        List<String> wrong = new ArrayList<>();
        int meetings = 0;
        List<Sample> samples = samples();
        assertThat(samples).hasSize(TEXTS);
        for (Sample sample : samples) {
            List<String> words = Tokens.split(sample.text);
            int at = 0;
            for (int i = 0; i < words.size(); i++) {
                at = sample.afterSpaces(at);
                boolean apart = i > 0
                        && !(said(words.get(i - 1))
                                && said(words.get(i))
                                && Word.separates(sample.text.codePointAt(at - 1)));
                if (apart) {
                    meetings++;
                    if (!sample.ends.contains(at)) {
                        wrong.add(sample.line + " -> " + words);
                    }
                }
                at = sample.afterWord(at, words.get(i));
            }
            assertThat(sample.afterSpaces(at)).as(sample.line).isEqualTo(sample.text.length());
        }
        assertThat(meetings).isGreaterThan(1000);
        // “" (”: rule LB15 of 15.0, which Unicode 15.1 gave up for LB15a and LB15b; ICU 77 follows 16.
        assertThat(wrong).hasSize(6).allSatisfy(text -> assertThat(text).contains("[15.0]"));
    }

    private static boolean said(String word) {
        return word.codePoints().anyMatch(Character::isLetterOrDigit);
    }

    private static List<Sample> samples() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                new GZIPInputStream(LineBreakFileTest.class.getResourceAsStream("LineBreakTest-15.0.0.txt.gz")),
                StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(Sample::new)
                    .collect(Collectors.toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A text of the file and where its lines may end. */
    private static final class Sample {
        final String line;
        final String text;
        final Set<Integer> ends = new HashSet<>();

        Sample(String line) {
            this.line = line;
            StringBuilder built = new StringBuilder();
            for (String part : line.split("#")[0].strip().split("\\s+")) {
                if (part.equals("÷")) {
                    ends.add(built.length());
                } else if (!part.equals("×")) {
                    built.appendCodePoint(Integer.parseInt(part, 16));
                }
            }
            this.text = built.toString();
        }

        int afterSpaces(int from) {
            int at = from;
            while (at < text.length() && Word.separates(text.codePointAt(at))) {
                at++;
            }
            return at;
        }

        /** A word's no-break space may have been any run of spaces. */
        int afterWord(int from, String word) {
            int at = from;
            for (int i = 0; i < word.length(); i++) {
                if (word.charAt(i) == text.charAt(at)) {
                    at++;
                } else {
                    assertThat(word.charAt(i)).as(line + " -> " + word).isEqualTo('\u00A0');
                    at = afterSpaces(at);
                }
            }
            return at;
        }
    }
}
