package saltdrum.speech.placing;

import java.util.List;
import saltdrum.core.word.Word;

/**
 * Words heard or placed.
 *
 * @param silences stretches without speech between and around the words, milliseconds, rising
 * @param unscripted stretches of speech that are in no word of the script
 */
public record SpeechResult(List<Word> words, List<Silence> silences, List<Unscripted> unscripted) {
    public SpeechResult(List<Word> words, List<Silence> silences) {
        this(words, silences, List.of());
    }

    public record Silence(int startMs, int endMs) {}

    /** @param text a guess at what was said; empty where there is none */
    public record Unscripted(int startMs, int endMs, String text) {}
}
