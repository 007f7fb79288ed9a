package saltdrum.core.format.webvtt;

import java.util.Arrays;
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
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * WebVTT (W3C Candidate Recommendation of 4 April 2019): cues with settings, regions, and word times as timestamps in
 * the text. The end of a word and the start of the next are both written between them, so that rests inside a cue
 * survive a round trip.
 */
public final class WebVtt extends CueReader {
    private static final Pattern TIME = Pattern.compile(Clock.TIME);
    private static final Pattern STRESS = Pattern.compile("/?[biu]|[biu][ .\t].*");
    private static final Pattern TAG = Pattern.compile("<([^<>]*)>?");

    private final StringBuilder regions = new StringBuilder();
    private static final Pattern LANGUAGE = Pattern.compile("(?i)language:\\s*([a-z0-9-]{2,35})");

    private String language;
    private int ruby;

    private WebVtt(String text) {
        super(text);
    }

    static CaptionFile read(String text) {
        return new WebVtt(text).read();
    }

    private CaptionFile read() {
        int i = 0;
        if (lines[0].startsWith("WEBVTT")) {
            i = header();
        } else {
            repaired(0, "the file does not begin with WEBVTT");
        }
        while (i < lines.length) {
            String line = lines[i];
            if (timed(line)) {
                i = cue(i);
            } else if (line.startsWith("NOTE") || line.startsWith("STYLE") || line.startsWith("REGION")) {
                i = block(i);
            } else {
                stray(i++);
            }
        }
        if (ruby > 0) {
            repairs.add(new CaptionFile.Repair(
                    0, "Ruby text was left out in " + ruby + (ruby == 1 ? " place." : " places.")));
        }
        return new CaptionFile(
                language, List.copyOf(cues), true, regions.isEmpty() ? null : regions.toString(), List.copyOf(repairs));
    }

    /** @return the line after it */
    private int header() {
        int i = 1;
        while (i < lines.length && !lines[i].isBlank() && !timed(lines[i])) {
            Matcher header = LANGUAGE.matcher(lines[i]);
            if (header.matches()) {
                language = header.group(1);
            }
            i++;
        }
        return i;
    }

    /** A note, a style sheet or a region, up to the next empty line. @return that line */
    private int block(int from) {
        int end = from;
        while (end < lines.length && !lines[end].isBlank()) {
            end++;
        }
        if (lines[from].startsWith("REGION")) {
            regions.append(regions.isEmpty() ? "" : "\n\n")
                    .append(String.join("\n", Arrays.asList(lines).subList(from, end)));
        } else if (lines[from].startsWith("STYLE")) {
            repaired(from, "a style sheet was left out: the track's style gives the look");
        }
        return end;
    }

    /** A line outside of everything: a cue's own name, or something that does not belong here. */
    private void stray(int i) {
        boolean id = i + 1 < lines.length && timed(lines[i + 1]);
        if (!lines[i].isBlank() && !id) {
            repaired(
                    i,
                    lines[i].contains("-->")
                            ? "the times of this cue cannot be read; it was left out"
                            : "text outside a cue was left out");
        }
    }

    @Override
    protected void body(CueText text, int line) {
        String content = lines[line];
        int at = 0;
        boolean hidden = false;
        Matcher tag = TAG.matcher(content);
        while (tag.find()) {
            if (!hidden) {
                text.text(unescaped(content.substring(at, tag.start())));
            }
            at = tag.end();
            String name = tag.group(1);
            if (TIME.matcher(name).matches()) {
                text.time(Clock.ms(name));
            } else if (STRESS.matcher(name).matches()) {
                text.emphasis(!name.startsWith("/"));
            } else if (name.equals("rt") || name.startsWith("rt.")) {
                hidden = true;
                ruby++;
            } else if (name.equals("/rt") || name.equals("/ruby")) {
                hidden = false;
            }
        }
        if (!hidden) {
            text.text(unescaped(content.substring(at)));
        }
    }

    public static String write(Track track) {
        StringBuilder out = new StringBuilder("WEBVTT\n\n");
        if (!track.language().equals("und")) {
            out.insert(7, "Language: " + track.language() + "\n");
        }
        if (track.beside().regions() != null) {
            out.append(track.beside().regions()).append("\n\n");
        }
        List<CueTime> times = CueTime.of(track);
        for (int i = 0; i < times.size(); i++) {
            Cue cue = track.cues().get(i);
            write(out, cue, times.get(i), track.beside().speakers().name(cue.speaker()));
        }
        return out.toString();
    }

    /** @param speaker empty where none is named */
    private static void write(StringBuilder out, Cue cue, CueTime time, String speaker) {
        out.append(Clock.full(time.showMs(), '.')).append(" --> ").append(Clock.full(time.hideMs(), '.'));
        if (cue.given() != null && cue.given().settings() != null) {
            out.append(' ').append(cue.given().settings());
        }
        out.append('\n');
        if (!speaker.isEmpty()) {
            out.append("<v ").append(escaped(speaker)).append('>');
        }
        int last = time.showMs();
        for (int w = 0; w < cue.words().size(); w++) {
            Word word = cue.words().get(w);
            Word next = w + 1 < cue.words().size() ? cue.words().get(w + 1) : null;
            // A timestamp must be after the previous one and inside the cue.
            if (word.startMs() > last && word.startMs() < time.hideMs()) {
                out.append(stamp(word.startMs()));
                last = word.startMs();
            }
            String text = escaped(word.text());
            out.append(word.emphasis() > 0 ? "<b>" + text + "</b>" : text);
            boolean touches = next != null && next.startMs() == word.endMs();
            if (!touches && word.endMs() > last && word.endMs() < time.hideMs()) {
                out.append(stamp(word.endMs()));
                last = word.endMs();
            }
            if (next != null && cue.lineStarts().contains(w + 1)) {
                out.append('\n');
            } else if (next != null && Scripts.spaced(word.text(), next.text())) {
                out.append(' ');
            }
        }
        out.append("\n\n");
    }

    private static String stamp(int ms) {
        return "<" + Clock.full(ms, '.') + ">";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
