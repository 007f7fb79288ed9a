package saltdrum.speech.recognise;

import java.util.List;

/**
 * A name or trade term that the recogniser should know.
 *
 * @param written its spelling, one or several words
 * @param sayAs its pronunciation in ordinary words; null if it follows from the spelling
 */
public record Term(String written, String sayAs) {
    /** Terms as people write them: one a line, after an equals sign how it is said; empty lines mean nothing. */
    public static List<Term> lines(String text) {
        return text.lines()
                .map(line -> line.split("=", 2))
                .filter(parts -> !parts[0].isBlank())
                .map(parts ->
                        new Term(parts[0].strip(), parts.length == 1 || parts[1].isBlank() ? null : parts[1].strip()))
                .toList();
    }

    /** Formatted as one line. */
    public String line() {
        return sayAs == null ? written : written + " = " + sayAs;
    }
}
