package saltdrum.core.check;

import java.lang.Character.UnicodeScript;
import java.util.Set;
import saltdrum.core.FromOutside;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;

/**
 * From where on something is a finding; kept for a client. Where {@link CheckKind} names no source the usual figures are
 * common practice.
 *
 * @param charactersASecond of letters
 * @param signsASecond of Han, kana and Hangul
 * @param shortestMs a cue of several words
 * @param glanceMs a cue of one word
 * @param tallLine characters of a line in frames taller than wide
 * @param wideLine characters of a line in other frames
 * @param smallest letters, in 1/1080 of the frame's short side
 * @param voiceMs how far a cue may be from the voice
 * @param silenceMs how long a cue may stay after the voice
 * @param gapMs shorter gaps flash
 * @param emphasis part of the words
 */
public record Limits(
        @Label("Reading") @NumberRange(least = 5, most = 60, step = 1, unit = "c/s") double charactersASecond,
        @Label("Reading, signs") @NumberRange(least = 2, most = 40, step = 1, unit = "c/s") double signsASecond,
        @Label("Shortest") @NumberRange(least = 0, most = 5000, step = 50, unit = "ms") int shortestMs,
        @Label("Shortest, one word") @NumberRange(least = 0, most = 5000, step = 20, unit = "ms") int glanceMs,
        @Label("Longest") @NumberRange(least = 500, most = 60_000, step = 500, unit = "ms") int longestMs,
        @Label("Line, tall frames") @NumberRange(least = 5, most = 200, step = 1) int tallLine,
        @Label("Line, wide frames") @NumberRange(least = 5, most = 200, step = 1) int wideLine,
        @Label("Lines") @NumberRange(least = 1, most = 4, step = 1) int lines,
        @Label("Smallest letters") @NumberRange(least = 0, most = 200, step = 1) double smallest,
        @Label("Off the voice") @NumberRange(least = 20, most = 2000, step = 10, unit = "ms") int voiceMs,
        @Label("Over silence") @NumberRange(least = 0, most = 10_000, step = 100, unit = "ms") int silenceMs,
        @Label("Shortest gap") @NumberRange(least = 0, most = 2000, step = 10, unit = "ms") int gapMs,
        @Label("Least contrast") @NumberRange(least = 1, most = 21, step = 0.1, unit = ": 1") double contrast,
        @Label("Emphasised") @NumberRange(least = 0, most = 1, step = 0.05, unit = "of the words") double emphasis)
        implements FromOutside {
    public static final Limits USUAL = new Limits(
            ReadingSpeed.READABLE,
            9,
            CueTime.SHORTEST_MS,
            CueTime.GLANCE_MS,
            7000,
            25,
            42,
            2,
            36,
            70,
            1000,
            CueTime.SHORTEST_GAP_MS,
            3,
            0.2);

    private static final Set<UnicodeScript> SIGNS =
            Set.of(UnicodeScript.HAN, UnicodeScript.HIRAGANA, UnicodeScript.KATAKANA, UnicodeScript.HANGUL);

    public Limits {
        ValueParts.check(
                Limits.class,
                charactersASecond,
                signsASecond,
                shortestMs,
                glanceMs,
                longestMs,
                tallLine,
                wideLine,
                lines,
                smallest,
                voiceMs,
                silenceMs,
                gapMs,
                contrast,
                emphasis);
    }

    /** Characters a second that can be read of a text, by the script of most of its letters. */
    public double speed(String text) {
        int signs = 0;
        int letters = 0;
        for (int letter : text.codePoints().filter(Character::isLetter).toArray()) {
            letters++;
            if (SIGNS.contains(UnicodeScript.of(letter))) {
                signs++;
            }
        }
        return 2 * signs > letters ? signsASecond : charactersASecond;
    }
}
