package saltdrum.core.format.srt;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.Clock;
import saltdrum.core.format.file.CueReader;
import saltdrum.core.format.file.CueText;

/**
 * SubRip text: numbered cues with times to the millisecond and no look. It has no published standard; this reads and
 * writes what ffmpeg's documentation of the format shows.
 */
public final class Srt extends CueReader {
    private static final Pattern OVERRIDE = Pattern.compile("\\{\\\\[^{}]*}");
    private static final Pattern TAG = Pattern.compile("<(/?)([a-zA-Z]+)[^<>]*>");

    private int taggedCues;

    private Srt(String text) {
        super(text);
    }

    static CaptionFile read(String text) {
        return new Srt(text).read();
    }

    private CaptionFile read() {
        int due = 1;
        for (int i = 0; i < lines.length; ) {
            if (timed(lines[i])) {
                String number = i > 0 ? lines[i - 1].strip() : "";
                if (!number.equals(Integer.toString(due))) {
                    repaired(
                            i,
                            number.matches("\\d+")
                                    ? "the cue is numbered " + number + ", it is cue " + due
                                    : "the cue has no number; it is cue " + due);
                }
                due++;
                i = cue(i);
            } else {
                boolean number = lines[i].strip().matches("\\d+");
                if (!lines[i].isBlank() && !number) {
                    repaired(i, "text outside a cue was left out");
                }
                i++;
            }
        }
        if (taggedCues > 0) {
            repairs.add(new CaptionFile.Repair(
                    0, "Tags were taken out of " + taggedCues + " lines; bold and italic words are stressed."));
        }
        return new CaptionFile(null, List.copyOf(cues), true, null, List.copyOf(repairs));
    }

    @Override
    protected void body(CueText text, int line) {
        String content = OVERRIDE.matcher(lines[line]).replaceAll("");
        if (TAG.matcher(content).find()) {
            taggedCues++;
        }
        int at = 0;
        Matcher tag = TAG.matcher(content);
        while (tag.find()) {
            text.text(unescaped(content.substring(at, tag.start())));
            if (tag.group(2).equalsIgnoreCase("b") || tag.group(2).equalsIgnoreCase("i")) {
                text.emphasis(tag.group(1).isEmpty());
            }
            at = tag.end();
        }
        text.text(unescaped(content.substring(at)));
    }

    public static String write(Track track) {
        StringBuilder out = new StringBuilder();
        List<CueTime> times = CueTime.of(track);
        for (int i = 0; i < times.size(); i++) {
            Cue cue = track.cues().get(i);
            out.append(i + 1).append('\n');
            out.append(Clock.full(times.get(i).showMs(), ','))
                    .append(" --> ")
                    .append(Clock.full(times.get(i).hideMs(), ','))
                    .append('\n');
            for (int w = 0; w < cue.words().size(); w++) {
                out.append(w == 0 ? "" : cue.lineStarts().contains(w) ? "\n" : " ")
                        .append(cue.words().get(w).text());
            }
            out.append("\n\n");
        }
        return out.toString();
    }
}
