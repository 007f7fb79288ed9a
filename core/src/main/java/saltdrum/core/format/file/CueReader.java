package saltdrum.core.format.file;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.format.file.CaptionFile.Repair;

/** What SubRip and WebVTT share: blocks under a line of two times, read forgivingly. */
public abstract class CueReader {
    public static final Pattern TIMES =
            Pattern.compile("\\s*(" + Clock.TIME + ")\\s*-{1,3}\\s*>\\s*(" + Clock.TIME + ")(.*)", Pattern.DOTALL);

    private static final Pattern ENTITY =
            Pattern.compile("&(?:(amp|lt|gt|nbsp|quot|apos|lrm|rlm)|#(\\d{1,6})|#[xX]([0-9a-fA-F]{1,6}));");
    private static final Pattern NUMBER = Pattern.compile("\\s*\\d{1,6}\\s*");

    public final String[] lines;
    public final List<FileCue> cues = new ArrayList<>();
    public final List<Repair> repairs = new ArrayList<>();

    public CueReader(String text) {
        lines = Lines.of(text);
    }

    /** Whether a line holds the times of a cue. */
    public static boolean timed(String line) {
        return line.indexOf('>') > 0 && TIMES.matcher(line).matches();
    }

    public final void repaired(int lineIndex, String said) {
        repairs.add(new Repair(lineIndex + 1, said));
    }

    /**
     * Reads the cue whose times are in that line.
     *
     * @return index of the first line after the cue
     */
    public final int cue(int at) {
        Matcher times = TIMES.matcher(lines[at]);
        if (!times.matches()) {
            throw new IllegalArgumentException(lines[at]);
        }
        int start = Clock.ms(times.group(1));
        int end = Clock.ms(times.group(2));
        int next = at + 1;
        while (next < lines.length && !lines[next].isBlank() && !beginsCue(next)) {
            next++;
        }
        if (next < lines.length && !lines[next].isBlank()) {
            repaired(next, "a blank line was missing before this cue");
        }
        CueText text = new CueText();
        for (int i = at + 1; i < next; i++) {
            if (i > at + 1) {
                text.newLine();
            }
            body(text, i);
        }
        if (end <= start) {
            repaired(at, "the cue ended before it began; it now lasts at most one second");
            end = start + 1000;
        }
        if (text.isEmpty()) {
            repaired(at, "a cue without text was left out");
        } else {
            String settings = times.group(3).strip();
            cues.add(text.cue(start, end, settings.isEmpty() ? null : settings, at + 1));
            CaptionFile.check(cues.size());
        }
        return next;
    }

    /** Whether a line belongs to the next cue although no blank line separates them. */
    private boolean beginsCue(int line) {
        return timed(lines[line])
                || NUMBER.matcher(lines[line]).matches() && line + 1 < lines.length && timed(lines[line + 1]);
    }

    /** Adds one line of a cue's text. */
    protected abstract void body(CueText text, int line);

    /** Entities of HTML that caption files hold; others stay as they are. */
    public static String unescaped(String text) {
        if (text.indexOf('&') < 0) {
            return text;
        }
        return ENTITY.matcher(text)
                .replaceAll(entity -> Matcher.quoteReplacement(
                        character(entity.group(1), entity.group(2), entity.group(3), entity.group())));
    }

    private static String character(String name, String decimal, String hex, String whole) {
        if (name != null) {
            return switch (name) {
                case "amp" -> "&";
                case "lt" -> "<";
                case "gt" -> ">";
                case "nbsp" -> "\u00a0";
                case "quot" -> "\"";
                case "apos" -> "'";
                case "lrm" -> "\u200e";
                default -> "\u200f";
            };
        }
        int code = decimal != null ? Integer.parseInt(decimal) : Integer.parseInt(hex, 16);
        return Character.isValidCodePoint(code) && code >= 32 ? Character.toString(code) : whole;
    }
}
