package saltdrum.core.layout;

import com.ibm.icu.text.Bidi;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Size;
import saltdrum.core.plane.Box;
import saltdrum.core.style.Style;
import saltdrum.core.style.Voice;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * Where the words of a cue stand in the frame, design pixels. Lines are centred about the style's place; a line wider
 * than its width shrinks the whole cue, so that no word is ever broken into letters.
 *
 * @param em the letter size of the plain voice after fitting
 * @param fit 1, or how far the cue was shrunk
 */
record LineLayout(List<PlacedWord> words, List<Box> lines, double em, double capHeight, double fit) {

    /** @param size letter size in design pixels; {@code x, y} the start of the baseline */
    record PlacedWord(Word word, Voice voice, Shaped shaped, double x, double y, double size, int line) {}

    /** @param gap width of the space before it, as a part of the letter size; none where the script writes none */
    private record Measured(Word word, Voice voice, Shaped shaped, double scale, double gap) {
        double width() {
            return shaped.advance() / 1000 * scale;
        }
    }

    static LineLayout of(Cue cue, Style style, Size design, String language, Typesetter typesetter) {
        FaceMetrics metrics = typesetter.metrics(style.face());
        double space = metrics.space() / 1000 + style.letterSpacing();
        List<List<Measured>> lines = new ArrayList<>();
        for (int i = 0; i < cue.words().size(); i++) {
            if (i == 0 || cue.lineStarts().contains(i)) {
                lines.add(new ArrayList<>());
            }
            boolean opens = lines.get(lines.size() - 1).isEmpty();
            boolean spaced = !opens
                    && Scripts.spaced(
                            cue.words().get(i - 1).text(), cue.words().get(i).text());
            double gap = spaced ? space : opens ? 0 : style.letterSpacing();
            lines.get(lines.size() - 1).add(measure(cue.words().get(i), style, language, typesetter, gap));
        }
        double widest = lines.stream().mapToDouble(LineLayout::width).max().orElse(0);
        double outline = 2
                * Math.max(
                        style.plain().outline(),
                        style.backing() == null ? 0 : style.backing().padX());
        double room = style.place().width() * design.width();
        double fit = Math.min(1, room / ((widest + outline) * style.size()));
        double em = style.size() * fit;
        double lineHeight = style.lineHeight() * em;
        double cap = metrics.capHeight() / 1000 * em;
        double height = lineHeight * lines.size();
        double top = style.place().y() * design.height() - height / 2;
        top = Math.max(0, Math.min(top, design.height() - height));
        List<PlacedWord> placed = new ArrayList<>();
        List<Box> boxes = new ArrayList<>();
        for (int l = 0; l < lines.size(); l++) {
            double width = width(lines.get(l)) * em;
            double x = style.place().x() * design.width() - width / 2;
            double baseline = top + l * lineHeight + lineHeight / 2 + cap / 2;
            boxes.add(new Box(x, baseline - cap, width, cap));
            List<Measured> line = visualOrder(lines.get(l));
            for (int w = 0; w < line.size(); w++) {
                Measured word = line.get(w);
                placed.add(new PlacedWord(word.word, word.voice, word.shaped, x, baseline, em * word.scale, l));
                x += (word.width() + (w + 1 < line.size() ? between(word, line.get(w + 1), lines.get(l)) : 0)) * em;
            }
        }
        return new LineLayout(placed, boxes, em, cap, fit);
    }

    private static double width(List<Measured> line) {
        return line.stream().mapToDouble(m -> m.width() + m.gap).sum();
    }

    /** The space between two words side by side on the screen: that of whichever is read later. */
    private static double between(Measured a, Measured b, List<Measured> read) {
        return read.indexOf(a) > read.indexOf(b) ? a.gap : b.gap;
    }

    private static Measured measure(Word word, Style style, String language, Typesetter typesetter, double gap) {
        Voice voice = style.voice(word.emphasis());
        String text = voice.upper() ? word.text().toUpperCase(Locale.forLanguageTag(language)) : word.text();
        Shaped shaped = typesetter.shape(text, voice.face() == null ? style.face() : voice.face(), language);
        boolean joinedScript =
                text.codePoints().anyMatch(c -> Character.UnicodeScript.of(c) == Character.UnicodeScript.ARABIC);
        return new Measured(
                word, voice, joinedScript ? shaped : shaped.spaced(1000 * style.letterSpacing()), voice.scale(), gap);
    }

    /** Left to right on the screen, by the Unicode bidirectional algorithm (UAX #9, ICU). */
    private static List<Measured> visualOrder(List<Measured> line) {
        StringBuilder text = new StringBuilder();
        int[] starts = new int[line.size()];
        for (int i = 0; i < line.size(); i++) {
            starts[i] = text.length();
            text.append(line.get(i).word.text()).append(' ');
        }
        if (!Bidi.requiresBidi(text.toString().toCharArray(), 0, text.length())) {
            return line;
        }
        Bidi bidi = new Bidi(text.toString(), Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        byte[] levels = new byte[line.size()];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = bidi.getLevelAt(starts[i]);
        }
        int[] order = Bidi.reorderVisual(levels);
        List<Measured> ordered = new ArrayList<>();
        for (int index : order) {
            ordered.add(line.get(index));
        }
        return ordered;
    }
}
