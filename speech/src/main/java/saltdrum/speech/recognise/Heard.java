package saltdrum.speech.recognise;

import java.util.List;
import saltdrum.core.word.Word;

/**
 * All that was heard of a sound so far. Earlier words may be revised when more context is known.
 *
 * @param toMs end of the part that is complete
 * @param words in order of time; none if nothing was said
 */
public record Heard(int toMs, List<HeardWord> words) {
    public Heard {
        words = List.copyOf(words);
    }

    public List<Word> plainWords() {
        return words.stream().map(HeardWord::word).toList();
    }
}
