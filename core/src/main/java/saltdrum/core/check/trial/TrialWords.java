package saltdrum.core.check.trial;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Size;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Words of no clip, to try a style on: as fast as people speak, every sixth of them emphasised. */
public final class TrialWords {
    private static final List<String> SENTENCES = List.of(
            "Look under the bench first, where the old oars are.",
            "Never sail home on a Tuesday without a lantern and a coat.",
            "Three coats of varnish, thin as tea, and a week to dry.",
            "The harbour master says twenty-four boats came through the narrows.",
            "Wait for it.",
            "A rope that was tied by somebody else is a rope you tie again.");
    /** A word takes so long, and so much more for each of its letters. */
    private static final int WORD_MS = 130;

    private static final int LETTER_MS = 45;
    private static final int PAUSE_MS = 500;
    private static final int EVERY = 6;
    private static final Size CLIP = new Size(1080, 1920);

    private TrialWords() {}

    /** @param roles of emphasis that the style has */
    public static StyleTrial.Sample sample(int roles) {
        List<Word> words = new ArrayList<>();
        int ms = PAUSE_MS;
        for (String sentence : SENTENCES) {
            for (String text : sentence.split(" ")) {
                int end = ms + WORD_MS + LETTER_MS * text.length();
                int number = words.size();
                int role = roles > 0 && number % EVERY == 2 ? 1 + number / EVERY % roles : 0;
                words.add(
                        Word.of(number + 1L, text, ms, end, WordSource.ALIGNED).withEmphasis(role));
                ms = end;
            }
            ms += PAUSE_MS;
        }
        return new StyleTrial.Sample("en", words, ms, CLIP, null);
    }
}
