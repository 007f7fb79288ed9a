package saltdrum.core.cue;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.look.LookPatch;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * A run of words shown together.
 *
 * @param lineStarts indexes into {@code words} (1 or more, rising) of the words that start a new line
 * @param locked nothing but an unlock may change this cue
 * @param given times and settings from a person or a file; null if the cue follows its words
 * @param look overrides of the track's look
 */
public record Cue(
        long id,
        List<Word> words,
        List<Integer> lineStarts,
        boolean locked,
        CueOverrides given,
        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = LookPatch.Nothing.class) LookPatch look) {
    public Cue(long id, List<Word> words, List<Integer> lineStarts, boolean locked) {
        this(id, words, lineStarts, locked, null, LookPatch.NONE);
    }

    public Cue(long id, List<Word> words, List<Integer> lineStarts, boolean locked, CueOverrides given) {
        this(id, words, lineStarts, locked, given, LookPatch.NONE);
    }

    public Cue {
        look = look == null ? LookPatch.NONE : look;
        words = List.copyOf(words);
        lineStarts = List.copyOf(lineStarts);
        if (words.isEmpty()) {
            throw new BadInputException("A cue needs at least one word.");
        }
        int before = 0;
        for (int start : lineStarts) {
            if (start <= before || start >= words.size()) {
                throw new BadInputException(
                        "A line cannot start at word " + start + " of a cue of " + words.size() + ".");
            }
            before = start;
        }
    }

    public int firstWordMs() {
        return words.get(0).startMs();
    }

    public int lastWordMs() {
        return words.get(words.size() - 1).endMs();
    }

    /** Who says it: one speaker says all of a cue; 0 where no speakers are named. */
    public int speaker() {
        return words.get(0).speaker();
    }

    public String text() {
        return Scripts.text(words);
    }

    /** Index of the word, not the first, that begins nearest to the middle of the text; 1 where there is one word. */
    public int middle() {
        int all = ReadingSpeed.characters(text());
        int before = 0;
        int best = 1;
        int least = Integer.MAX_VALUE;
        for (int i = 1; i < words.size(); i++) {
            before += 1 + ReadingSpeed.characters(words.get(i - 1).text());
            int off = Math.abs(all - 2 * before);
            if (off < least) {
                least = off;
                best = i;
            }
        }
        return best;
    }

    /** Index of the word with that id, or -1. */
    public int indexOf(long wordId) {
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).id() == wordId) {
                return i;
            }
        }
        return -1;
    }

    public Cue withLocked(boolean newLocked) {
        return new Cue(id, words, lineStarts, newLocked, given, look);
    }

    public Cue withWords(List<Word> newWords) {
        return new Cue(id, newWords, newWords.size() == words.size() ? lineStarts : List.of(), locked, given, look);
    }

    public Cue withLook(LookPatch newLook) {
        return new Cue(id, words, lineStarts, locked, given, newLook);
    }

    public Cue withGiven(CueOverrides newGiven) {
        return new Cue(id, words, lineStarts, locked, newGiven, look);
    }

    /** Whether one of its line breaks was made by hand. */
    public boolean linesByHand() {
        return words.stream().anyMatch(word -> word.pin() == Pin.LINE_BREAK);
    }

    /** Whether a break at one of its words was made by hand. */
    public boolean brokenByHand() {
        return words.stream().anyMatch(word -> word.pin() != Pin.FREE);
    }
}
