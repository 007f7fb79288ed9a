package saltdrum.core.cue;

import com.ibm.icu.text.BreakIterator;
import java.util.Locale;

/** The length of a text and its reading speed. Characters are grapheme clusters (UAX #29, by ICU). */
public final class ReadingSpeed {
    /** Characters a second that can be read of an alphabet: common practice, no source. */
    public static final double READABLE = 20;

    private ReadingSpeed() {}

    /** Whether a speed is above a limit as it is said to a person: in whole characters a second. */
    public static boolean tooFast(double speed, double most) {
        return Math.round(speed) > most;
    }

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

    /** Characters a second, spaces counted, over the time the cue is shown. */
    public static double of(Cue cue, CueTime time) {
        return characters(cue.text()) * 1000.0 / (time.hideMs() - time.showMs());
    }
}
