package saltdrum.speech.recognise;

import java.util.List;
import saltdrum.core.word.Word;

/**
 * All that was heard of a sound so far. Words told before may be written otherwise once it is known how they go on.
 *
 * @param toMs up to here everything is heard
 * @param words in order of time; none where nothing was said
 */
public record Heard(int toMs, List<HeardWord> words) {
    public Heard {
        words = List.copyOf(words);
    }

    public List<Word> plainWords() {
        return words.stream().map(HeardWord::word).toList();
    }
}
