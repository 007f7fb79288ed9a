package saltdrum.speech.recognise;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import saltdrum.core.cue.Range;
import saltdrum.core.word.Word;

/**
 * All that was heard of a sound so far. Earlier words may be revised when more context is known.
 *
 * @param toMs end of the part that is complete
 * @param words in order of time; none if nothing was said
 * @param partly where somebody speaks and few words were heard: not all of it, probably
 */
public record Heard(int toMs, List<HeardWord> words, List<Range> partly) {
    public Heard {
        words = List.copyOf(words);
        partly = List.copyOf(partly);
    }

    public Heard(int toMs, List<HeardWord> words) {
        this(toMs, words, List.of());
    }

    /**
     * Where not all was heard, for a person; null where all was.
     *
     * @param fromMs where the sound begins in its clip
     */
    public String missed(int fromMs) {
        if (partly.isEmpty()) {
            return null;
        }
        String places = partly.stream()
                .map(range -> time(fromMs + range.fromMs()) + " to " + time(fromMs + range.toMs()))
                .collect(Collectors.joining(", "));
        return "Not all of it was heard at " + places + ". Listen there, and type what is missing.";
    }

    private static String time(int ms) {
        return String.format(Locale.ROOT, "%d:%02d", ms / 60_000, ms / 1000 % 60);
    }

    public List<Word> plainWords() {
        return words.stream().map(HeardWord::word).toList();
    }
}
