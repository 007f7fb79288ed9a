package saltdrum.core.cue;

import com.ibm.icu.text.BreakIterator;
import java.util.Locale;

/** How much there is to read, and how fast. Characters are grapheme clusters (UAX #29, by ICU). */
public final class ReadingSpeed {
    private ReadingSpeed() {}

    public static int characters(String text) {
        if (text.chars().allMatch(c -> c < 0x300)) {
            return text.length();
        }
        BreakIterator graphemes = BreakIterator.getCharacterInstance(Locale.ROOT);
        graphemes.setText(text);
        int count = 0;
        while (graphemes.next() != BreakIterator.DONE) {
            count++;
        }
        return count;
    }

    /** More than this many characters a second are hard to read. Common practice, no source. */
    private static final double FAST = 20;

    /** More than can be read in the time; a single word is seen at a glance. */
    public static boolean fast(Cue cue, CueTime time) {
        return cue.words().size() > 1 && of(cue, time) > FAST;
    }

    /** Characters a second, spaces counted, over the time the cue is shown. */
    public static double of(Cue cue, CueTime time) {
        return characters(cue.text()) * 1000.0 / (time.hideMs() - time.showMs());
    }
}
