package saltdrum.core.check;

import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;

/**
 * From where on something is a finding; kept for a client. Where {@link CheckKind} names no source the usual figures are
 * common practice.
 *
 * @param charactersASecond of letters, 5 to 60
 * @param signsASecond of Han, kana and Hangul, 2 to 40
 * @param shortestMs a cue of several words, 0 to 5000
 * @param glanceMs a cue of one word, 0 to 5000
 * @param longestMs 500 to 60,000
 * @param tallLine characters of a line in frames taller than wide, 5 to 200
 * @param wideLine characters of a line in other frames, 5 to 200
 * @param lines 1 to 4
 * @param smallest letters, in 1/1080 of the frame's short side, 0 to 200
 * @param voiceMs how far a cue may be from the voice, 20 to 2000
 * @param silenceMs how long a cue may stay after the voice, 0 to 10,000
 * @param gapMs shorter gaps flash, 0 to 2000
 * @param contrast 1 to 21
 * @param emphasis part of the words, 0 to 1
 */
public record Limits(
        double charactersASecond,
        double signsASecond,
        int shortestMs,
        int glanceMs,
        int longestMs,
        int tallLine,
        int wideLine,
        int lines,
        double smallest,
        int voiceMs,
        int silenceMs,
        int gapMs,
        double contrast,
        double emphasis)
        implements FromOutside {
    public static final Limits USUAL = new Limits(20, 9, 500, 100, 7000, 25, 42, 2, 36, 70, 1000, 120, 3, 0.2);

    public Limits {
        within("reading speed", charactersASecond, 5, 60);
        within("reading speed of signs", signsASecond, 2, 40);
        within("shortest showing", shortestMs, 0, 5000);
        within("shortest showing of one word", glanceMs, 0, 5000);
        within("longest showing", longestMs, 500, 60_000);
        within("line in tall frames", tallLine, 5, 200);
        within("line in wide frames", wideLine, 5, 200);
        within("number of lines", lines, 1, 4);
        within("smallest letter", smallest, 0, 200);
        within("distance from the voice", voiceMs, 20, 2000);
        within("stay over silence", silenceMs, 0, 10_000);
        within("shortest gap", gapMs, 0, 2000);
        within("contrast", contrast, 1, 21);
        within("part of emphasised words", emphasis, 0, 1);
    }

    private static void within(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new BadInputException(
                    "The limit of the " + what + " lies between " + plain(least) + " and " + plain(most) + ".");
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
