package saltdrum.core.format;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.Patch;
import saltdrum.core.look.Rim;
import saltdrum.core.look.Shade;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

/**
 * Advanced SubStation Alpha, as libass reads it: a dialogue line a cue, a karaoke tag ({@code \k}, hundredths of a
 * second) a word, and a basic look. Times are rounded so that errors never add up along a cue.
 */
final class Ass {
    private static final Pattern TIME = Pattern.compile("(\\d{1,2}):(\\d{1,2}):(\\d{1,2})[.:](\\d{1,3})");
    private static final Pattern KARAOKE = Pattern.compile("\\\\[kK][fo]?\\s*(\\d{1,6})");

    private Ass() {}

    static CaptionFile read(String text) {
        List<FileCue> cues = new ArrayList<>();
        List<CaptionFile.Repair> repairs = new ArrayList<>();
        String[] lines = text.split("\r\n|\r|\n", -1);
        List<String> columns =
                List.of("layer", "start", "end", "style", "name", "marginl", "marginr", "marginv", "effect", "text");
        boolean events = false;
        int comments = 0;
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].strip();
            String lower = line.toLowerCase(Locale.ROOT);
            if (line.startsWith("[")) {
                events = lower.startsWith("[events");
            } else if (events && lower.startsWith("format:")) {
                columns = List.of(lower.substring(7).replace(" ", "").split(","));
            } else if (lower.startsWith("dialogue:")) {
                dialogue(line.substring(9).strip(), columns, i + 1, cues, repairs);
            } else if (events && lower.startsWith("comment:")) {
                comments++;
            }
        }
        if (comments > 0) {
            repairs.add(new CaptionFile.Repair(0, comments + " comments were left out."));
        }
        return new CaptionFile(null, cues, true, null, repairs);
    }

    private static void dialogue(
            String line, List<String> columns, int number, List<FileCue> cues, List<CaptionFile.Repair> repairs) {
        String[] values = line.split(",", columns.size());
        Map<String, String> fields = new HashMap<>();
        for (int c = 0; c < values.length; c++) {
            fields.put(columns.get(c), values[c].strip());
        }
        Integer start = ms(fields.get("start"));
        Integer end = ms(fields.get("end"));
        if (start == null || end == null || fields.get("text") == null) {
            repairs.add(new CaptionFile.Repair(number, "the times of this line cannot be read; it was left out"));
            return;
        }
        if (end <= start) {
            repairs.add(new CaptionFile.Repair(number, "the line ended before it began; it was given a second"));
            end = start + 1000;
        }
        CueText words = new CueText();
        if (fields.get("text").matches(".*\\\\p[1-9].*")) {
            repairs.add(new CaptionFile.Repair(number, "a drawing was left out"));
            return;
        }
        text(fields.get("text"), start, words);
        if (!words.isEmpty()) {
            cues.add(words.cue(start, end, null, number));
        }
    }

    private static void text(String text, int start, CueText words) {
        int at = 0;
        double now = start;
        while (at < text.length()) {
            int open = text.indexOf('{', at);
            boolean escaped = open > 0 && text.charAt(open - 1) == '\\';
            int close = open < 0 || escaped ? -1 : text.indexOf('}', open);
            int until = close < 0 ? text.length() : open;
            if (escaped && open + 1 < text.length()) {
                piece(text.substring(at, open + 1), words);
                at = open + 1;
                continue;
            }
            piece(text.substring(at, until), words);
            if (close < 0) {
                return;
            }
            String tags = text.substring(open + 1, close);
            Matcher k = KARAOKE.matcher(tags);
            while (k.find()) {
                words.time((int) Math.round(now));
                now += Integer.parseInt(k.group(1)) * 10.0;
            }
            if (tags.contains("\\b1") || tags.contains("\\i1")) {
                words.emphasis(true);
            } else if (tags.contains("\\b0") || tags.contains("\\i0") || tags.contains("\\r")) {
                words.emphasis(false);
            }
            at = close + 1;
        }
    }

    private static void piece(String raw, CueText words) {
        String[] lines = raw.replace("\\{", "{")
                .replace("\\}", "}")
                .replace("\\h", "\u00a0")
                .replace("\\n", " ")
                .split("\\\\N", -1);
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) {
                words.newLine();
            }
            words.text(lines[i]);
        }
    }

    private static Integer ms(String text) {
        Matcher m = text == null ? null : TIME.matcher(text);
        if (m == null || !m.matches()) {
            return null;
        }
        int fraction = Integer.parseInt((m.group(4) + "00").substring(0, 3));
        return ((Integer.parseInt(m.group(1)) * 60 + Integer.parseInt(m.group(2))) * 60 + Integer.parseInt(m.group(3)))
                        * 1000
                + fraction;
    }

    /** @param style gives the basic look; null for a plain one */
    static String write(Track track, Style style, Size size) {
        if (size.width() < 2 || size.height() < 2) {
            throw new BadInputException("A caption file needs the size of its clip.");
        }
        StringBuilder out = new StringBuilder();
        out.append("[Script Info]\nScriptType: v4.00+\nPlayResX: ").append(size.width());
        out.append("\nPlayResY: ").append(size.height()).append("\nWrapStyle: 2\nScaledBorderAndShadow: yes\n\n");
        out.append("[V4+ Styles]\nFormat: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour, ");
        out.append("BackColour, Bold, Italic, Underline, StrikeOut, ScaleX, ScaleY, Spacing, Angle, BorderStyle, ");
        out.append("Outline, Shadow, Alignment, MarginL, MarginR, MarginV, Encoding\n");
        out.append(look(style, size)).append("\n\n[Events]\n");
        out.append("Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n");
        List<CueTime> times = CueTime.of(track);
        for (int i = 0; i < times.size(); i++) {
            CueTime time = times.get(i);
            out.append("Dialogue: 0,").append(stamp(hundredths(time.showMs()))).append(',');
            out.append(stamp(hundredths(time.hideMs()))).append(",Captions,,0,0,0,,");
            out.append(karaoke(track.cues().get(i), time, style)).append('\n');
        }
        return out.toString();
    }

    private static String karaoke(Cue cue, CueTime time, Style style) {
        StringBuilder out = new StringBuilder();
        int now = hundredths(time.showMs());
        for (int w = 0; w < cue.words().size(); w++) {
            Word word = cue.words().get(w);
            int start = hundredths(word.startMs());
            if (start > now) {
                out.append("{\\k").append(start - now).append('}');
            }
            out.append(w == 0 ? "" : cue.lineStarts().contains(w) ? "\\N" : " ");
            int end = Math.max(start, hundredths(word.endMs()));
            out.append("{\\k").append(end - start).append('}');
            String text = word.text().replace("{", "\\{").replace("}", "\\}");
            if (word.emphasis() > 0) {
                String colour = style == null || style.emphasis().isEmpty()
                        ? ""
                        : "\\1c"
                                + bgr(new Look(style.voice(word.emphasis()).over(style.look()))
                                        .get(Facets.FILL)
                                        .colour());
                out.append("{\\b1")
                        .append(colour)
                        .append('}')
                        .append(text)
                        .append("{\\b0")
                        .append(colour.isEmpty() ? "" : "\\1c")
                        .append('}');
            } else {
                out.append(text);
            }
            now = end;
        }
        return out.toString();
    }

    private static String look(Style style, Size size) {
        double scale = Math.min(size.width(), size.height()) / 1080.0;
        Look plain = style == null ? new Look(Patch.NONE) : style.plain();
        String family = style == null ? "Sans" : plain.get(Facets.TYPEFACE);
        double letters = plain.number(Facets.SIZE) * scale;
        String fill = bgr(plain.get(Facets.FILL).colour());
        Rim rim = plain.get(Facets.OUTLINES).stream().findFirst().orElse(null);
        String outline = rim == null ? "&H00000000" : bgr(rim.ink().colour());
        Shade.Soft soft = plain.get(Facets.SHADOWS).stream()
                .filter(Shade.Soft.class::isInstance)
                .map(Shade.Soft.class::cast)
                .findFirst()
                .orElse(null);
        String shadow = soft == null ? "&H80000000" : bgr(soft.colour());
        double width = style == null ? letters * 0.05 : letters * plain.rim();
        double cast = soft == null ? 0 : letters * soft.dy();
        // The word not yet spoken is the same colour, a little clear.
        String waiting = "&H60" + fill.substring(4);
        return String.format(
                Locale.ROOT,
                "Style: Captions,%s,%.0f,%s,%s,%s,%s,-1,0,0,0,100,100,0,0,1,%.1f,%.1f,5,%d,%d,0,1",
                family.replace(',', ' '),
                letters,
                fill,
                waiting,
                outline,
                shadow,
                width,
                cast,
                size.width() / 12,
                size.width() / 12);
    }

    /** {@code #RRGGBB} or {@code #RRGGBBAA} as {@code &HAABBGGRR}, where alpha 00 is opaque. */
    private static String bgr(String colour) {
        String alpha =
                colour.length() == 9 ? String.format("%02X", 255 - Integer.parseInt(colour.substring(7), 16)) : "00";
        return "&H" + alpha
                + (colour.substring(5, 7) + colour.substring(3, 5) + colour.substring(1, 3)).toUpperCase(Locale.ROOT);
    }

    private static int hundredths(int ms) {
        return Math.round(ms / 10f);
    }

    private static String stamp(int hundredths) {
        return String.format(
                "%d:%02d:%02d.%02d",
                hundredths / 360_000, hundredths / 6000 % 60, hundredths / 100 % 60, hundredths % 100);
    }
}
