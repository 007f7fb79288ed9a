package saltdrum.core.format.ass;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CueText;
import saltdrum.core.format.file.FileCue;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.format.file.Lines;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextOutline;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;

/**
 * Advanced SubStation Alpha, as libass reads it: a dialogue line a cue, a karaoke tag ({@code \k}, hundredths of a
 * second) a word, and a basic look. Times are rounded so that errors never add up along a cue.
 */
public final class Ass {
    private static final Pattern TIME = Pattern.compile("(\\d{1,2}):(\\d{1,2}):(\\d{1,2})[.:](\\d{1,3})");
    /** Words of an emphasis are in this style and its number. */
    private static final String EMPHASIS = "Emphasis ";

    private static final Pattern STYLED = Pattern.compile("\\\\r([^\\\\]*)");
    private static final Pattern KARAOKE = Pattern.compile("\\\\[kK][fo]?\\s*(\\d{1,6})");

    /** Where nothing is known of a look. */
    private static final Style PLAIN = new Style(
            "Captions",
            "",
            LookPatch.NONE
                    .with(Facets.TYPEFACE, "Sans")
                    .with(Facets.OUTLINES, List.of(new TextOutline(0.05, Ink.of("#000000"))))
                    .with(Facets.Y, 0.5),
            List.of());

    private Ass() {}

    static CaptionFile read(String text) {
        List<FileCue> cues = new ArrayList<>();
        List<CaptionFile.Repair> repairs = new ArrayList<>();
        String[] lines = Lines.of(text);
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
            repairs.add(new CaptionFile.Repair(number, "the line ended before it began; it now lasts one second"));
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
            CaptionFile.check(cues.size());
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
            Matcher styled = STYLED.matcher(tags);
            if (styled.find() && !styled.group(1).isBlank()) {
                words.emphasis(role(styled.group(1).strip()));
            } else if (tags.contains("\\b1") || tags.contains("\\i1")) {
                words.emphasis(1);
            } else if (tags.contains("\\b0") || tags.contains("\\i0") || tags.contains("\\r")) {
                words.emphasis(0);
            }
            at = close + 1;
        }
    }

    /** Our own styles say which emphasis it is; any other is the first. */
    private static int role(String style) {
        String number = style.startsWith(EMPHASIS) ? style.substring(EMPHASIS.length()) : "";
        return number.matches("[1-4]") ? Integer.parseInt(number) : 1;
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

    /** @param style null for a plain look */
    public static String write(Track track, Style style, Size size, FontHeights heights) {
        AssPage page = new AssPage(size, track.frame().covered(), heights);
        if (size.width() < 2 || size.height() < 2) {
            throw new BadInputException("A caption file needs the size of its clip.");
        }
        Cascade cascade = new Cascade(style == null ? PLAIN : style, track.styling());
        AssLook base = page.of(cascade.ofTrack());
        StringBuilder out = new StringBuilder();
        out.append("[Script Info]\nScriptType: v4.00+\nPlayResX: ").append(size.width());
        out.append("\nPlayResY: ").append(size.height()).append("\nWrapStyle: 2\nScaledBorderAndShadow: yes\n\n");
        out.append("[V4+ Styles]\nFormat: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour, ");
        out.append("BackColour, Bold, Italic, Underline, StrikeOut, ScaleX, ScaleY, Spacing, Angle, BorderStyle, ");
        out.append("Outline, Shadow, Alignment, MarginL, MarginR, MarginV, Encoding\n");
        out.append(base.line("Captions")).append('\n');
        List<AssLook> roles = roles(track, cascade, page);
        for (int i = 0; i < roles.size(); i++) {
            out.append(roles.get(i).line(EMPHASIS + (i + 1))).append('\n');
        }
        out.append("\n[Events]\n");
        out.append("Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n");
        List<CueTime> times = CueTime.of(track);
        for (int i = 0; i < times.size(); i++) {
            CueTime time = times.get(i);
            Cue cue = track.cues().get(i);
            AssLook own = page.of(cascade.ofCue(cue));
            out.append("Dialogue: 0,").append(stamp(hundredths(time.showMs()))).append(',');
            out.append(stamp(hundredths(time.hideMs()))).append(",Captions,");
            // A comma would end the field.
            out.append(track.beside().speakers().name(cue.speaker()).replace(",", ";"))
                    .append(',');
            out.append(margins(own, base)).append(",,").append(tags(own.lineTagsFrom(base)));
            out.append(karaoke(cue, time, base, own, roles, word -> page.of(cascade.ofWord(cue, word))))
                    .append('\n');
        }
        return out.toString();
    }

    /** One for each emphasis that a word has, from the first on: styles of their own in the file. */
    private static List<AssLook> roles(Track track, Cascade cascade, AssPage page) {
        int most = track.words().mapToInt(Word::emphasis).max().orElse(0);
        return IntStream.rangeClosed(1, most)
                .mapToObj(role -> {
                    List<Cascade.Layer> layers = new ArrayList<>(cascade.track());
                    layers.addAll(cascade.role(role));
                    return page.of(new Look(Cascade.merged(layers)));
                })
                .toList();
    }

    /** Of a line; 0 for those of its style. */
    private static String margins(AssLook own, AssLook base) {
        boolean moved = own.place().marginLeft() != base.place().marginLeft()
                || own.place().marginRight() != base.place().marginRight()
                || own.place().marginVertical() != base.place().marginVertical();
        return moved
                ? own.place().marginLeft() + "," + own.place().marginRight() + ","
                        + own.place().marginVertical()
                : "0,0,0";
    }

    private static String tags(String tags) {
        return tags.isEmpty() ? "" : "{" + tags + "}";
    }

    private static String karaoke(
            Cue cue, CueTime time, AssLook base, AssLook own, List<AssLook> roles, Function<Word, AssLook> looks) {
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
            AssLook look = looks.apply(word);
            boolean role = word.emphasis() > 0;
            AssLook from = role ? roles.get(word.emphasis() - 1) : own;
            String before = (role ? "\\r" + EMPHASIS + word.emphasis() : "") + look.tagsFrom(from);
            String after = role ? "\\r" + own.tagsFrom(base) : own.tagsFrom(look);
            out.append(tags(before));
            out.append(word.text().replace("{", "\\{").replace("}", "\\}"));
            out.append(before.isEmpty() ? "" : tags(after));
            now = end;
        }
        return out.toString();
    }

    private static int hundredths(int ms) {
        return Math.round(ms / 10f);
    }

    private static String stamp(int hundredths) {
        return String.format(
                Locale.ROOT,
                "%d:%02d:%02d.%02d",
                hundredths / 360_000,
                hundredths / 6000 % 60,
                hundredths / 100 % 60,
                hundredths % 100);
    }
}
