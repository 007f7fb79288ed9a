package saltdrum.speech;

import java.util.List;
import saltdrum.core.word.Word;

/**
 * Words heard or placed.
 *
 * @param silences stretches without speech between and around the words, milliseconds, rising
 */
public record SpeechResult(List<Word> words, List<Silence> silences) {
    public record Silence(int startMs, int endMs) {}
}
