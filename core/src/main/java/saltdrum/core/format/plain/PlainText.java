package saltdrum.core.format.plain;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.Clock;
import saltdrum.core.format.file.CueText;
import saltdrum.core.format.file.FileCue;
import saltdrum.core.format.file.Lines;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Tokens;

/** A cue a line, its times before it: {@code 0:03.200 - 0:04.600  Sand it first}. The second time may be missing. */
public final class PlainText {
    private static final Pattern LINE = Pattern.compile("\\s*[\\[(]?(" + Clock.TIME
            + ")[\\])]?(?:\\s*(?:-+>?|–|—|to)\\s*[\\[(]?(" + Clock.TIME + ")[\\])]?)?[\\s:]*(.*)");

    /** Duration of a syllable if the file gives no end. Common practice, no source. */
    private static final int SYLLABLE_MS = 220;

    private PlainText() {}

    static CaptionFile read(String text) {
        record Timed(int line, int start, Integer end, StringBuilder words) {}
        List<Timed> found = new ArrayList<>();
        List<CaptionFile.Repair> repairs = new ArrayList<>();
        String[] lines = Lines.of(text);
        for (int i = 0; i < lines.length; i++) {
            Matcher m = LINE.matcher(lines[i]);
            if (m.matches()) {
                found.add(new Timed(
                        i + 1,
                        Clock.ms(m.group(1)),
                        m.group(2) == null ? null : Clock.ms(m.group(2)),
                        new StringBuilder(m.group(3))));
            } else if (!lines[i].isBlank()) {
                if (found.isEmpty()) {
                    repairs.add(new CaptionFile.Repair(i + 1, "text before the first time was left out"));
                } else {
                    found.get(found.size() - 1).words.append(' ').append(lines[i]);
                }
            }
        }
        List<FileCue> cues = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            Timed timed = found.get(i);
            CueText words = new CueText();
            words.text(timed.words.toString());
            if (words.isEmpty()) {
                repairs.add(new CaptionFile.Repair(timed.line, "a cue without text was left out"));
                continue;
            }
            int end = timed.end == null
                    ? end(
                            timed.start,
                            timed.words.toString(),
                            i + 1 < found.size() ? found.get(i + 1).start : Integer.MAX_VALUE)
                    : timed.end;
            cues.add(words.cue(timed.start, Math.max(end, timed.start + 1), null, timed.line));
            CaptionFile.check(cues.size());
        }
        return new CaptionFile(null, cues, true, null, repairs);
    }

    private static int end(int start, String text, int next) {
        double weight =
                Tokens.split(text).stream().mapToDouble(Syllables::weight).sum();
        int spoken = start + (int) Math.round(weight * SYLLABLE_MS);
        return next > start ? Math.min(spoken, next) : spoken;
    }

    public static String write(Track track) {
        StringBuilder out = new StringBuilder();
        List<CueTime> times = CueTime.of(track);
        for (int i = 0; i < times.size(); i++) {
            out.append(stamp(times.get(i).showMs()))
                    .append(" - ")
                    .append(stamp(times.get(i).hideMs()))
                    .append("  ")
                    .append(track.cues().get(i).text())
                    .append('\n');
        }
        return out.toString();
    }

    private static String stamp(int ms) {
        String minutes = String.format(Locale.ROOT, "%d:%02d.%03d", ms / 60_000 % 60, ms / 1000 % 60, ms % 1000);
        return ms < 3_600_000 ? minutes : ms / 3_600_000 + ":" + (minutes.length() < 9 ? "0" : "") + minutes;
    }
}
