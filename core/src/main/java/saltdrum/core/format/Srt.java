package saltdrum.core.format;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/**
 * SubRip text: numbered cues with times to the millisecond and no look. It has no published standard; this reads and
 * writes what ffmpeg's documentation of the format shows.
 */
public final class Srt {
    private static final Pattern TIMES = Pattern.compile(
            "\\s*(?:(\\d{1,3}):)?(\\d{1,2}):(\\d{1,2})[,.](\\d{1,3})\\s*-+>\\s*(?:(\\d{1,3}):)?(\\d{1,2}):(\\d{1,2})[,.](\\d{1,3}).*");

    private Srt() {}

    /** Words of all cues; a cue's time is shared among its words by syllable weight. Overlaps give way to the later cue. */
    public static List<Word> read(String text) {
        record Entry(int start, int end, List<String> words) {}
        List<Entry> entries = new ArrayList<>();
        String[] lines = text.replace("\uFEFF", "").split("\r\n|\r|\n", -1);
        for (int i = 0; i < lines.length; i++) {
            Matcher times = TIMES.matcher(lines[i]);
            if (!times.matches()) {
                continue;
            }
            StringBuilder body = new StringBuilder();
            int next = i + 1;
            while (next < lines.length
                    && !lines[next].isBlank()
                    && !TIMES.matcher(lines[next]).matches()) {
                boolean numberOfNext = lines[next].strip().matches("\\d+")
                        && next + 1 < lines.length
                        && TIMES.matcher(lines[next + 1]).matches();
                if (!numberOfNext) {
                    body.append(lines[next]).append(' ');
                }
                next++;
            }
            i = next - 1;
            List<String> words = Tokens.split(body.toString().replaceAll("<[^<>]*>|\\{\\\\[^}]*}", ""));
            int start = ms(times, 1);
            int end = ms(times, 5);
            if (!words.isEmpty()) {
                entries.add(new Entry(start, Math.max(end, start + words.size()), words));
            }
        }
        if (entries.isEmpty()) {
            throw new BadInputException(
                    "No cue was found: an SRT file has lines like “00:00:01,000 --> 00:00:02,500” with text below.");
        }
        entries.sort(java.util.Comparator.comparingInt(Entry::start));
        List<Word> result = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            Entry entry = entries.get(i);
            int start = result.isEmpty()
                    ? entry.start
                    : Math.max(entry.start, result.get(result.size() - 1).endMs());
            int ceiling = i + 1 < entries.size() ? entries.get(i + 1).start : Integer.MAX_VALUE;
            int end = Math.max(Math.min(entry.end, ceiling), start + entry.words.size());
            int[] edges = Syllables.share(entry.words, start, end);
            for (int w = 0; w < entry.words.size(); w++) {
                result.add(
                        Word.of(result.size() + 1L, entry.words.get(w), edges[w], edges[w + 1], WordSource.IMPORTED));
            }
        }
        return result;
    }

    private static int ms(Matcher m, int group) {
        int hours = m.group(group) == null ? 0 : Integer.parseInt(m.group(group));
        int fraction = Integer.parseInt((m.group(group + 3) + "00").substring(0, 3));
        return ((hours * 60 + Integer.parseInt(m.group(group + 1))) * 60 + Integer.parseInt(m.group(group + 2))) * 1000
                + fraction;
    }

    public static String write(Track track) {
        StringBuilder out = new StringBuilder();
        List<CueTime> times = CueTime.of(track);
        for (int i = 0; i < times.size(); i++) {
            Cue cue = track.cues().get(i);
            out.append(i + 1).append('\n');
            out.append(stamp(times.get(i).showMs()))
                    .append(" --> ")
                    .append(stamp(times.get(i).hideMs()))
                    .append('\n');
            for (int w = 0; w < cue.words().size(); w++) {
                out.append(w == 0 ? "" : cue.lineStarts().contains(w) ? "\n" : " ")
                        .append(cue.words().get(w).text());
            }
            out.append("\n\n");
        }
        return out.toString();
    }

    private static String stamp(int ms) {
        return String.format("%02d:%02d:%02d,%03d", ms / 3_600_000, ms / 60_000 % 60, ms / 1000 % 60, ms % 1000);
    }
}
