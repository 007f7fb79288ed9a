package saltdrum.core.layout;

import com.ibm.icu.text.Bidi;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.layout.type.FaceMetrics;
import saltdrum.core.look.Backing;
import saltdrum.core.look.FacetChoices.Fit;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * The words of a cue in lines, at their full size, and how far they are to be shrunk so that every line fits.
 *
 * @param fit 1, or how far
 */
record CueLines(Look look, FaceMetrics metrics, List<List<MeasuredWord>> lines, double fit) {

    /** Set as the look says for what does not fit. */
    static CueLines fitted(Cue cue, LineLayout.Setting setting) {
        Look look = setting.cascade().ofCue(cue);
        FaceMetrics metrics = setting.typesetter().metrics(look.face());
        List<MeasuredWord> words = measured(cue, look, metrics, setting);
        double room = look.number(Facets.WIDEST) * setting.design().width() - aside(look);
        List<List<MeasuredWord>> lines = lines(words, cue.lineStarts());
        Fit policy = look.get(Facets.FIT);
        if (policy == Fit.BREAK && widest(lines) > room) {
            lines = Rewrap.lines(words, room, (int) look.number(Facets.MOST_LINES));
        }
        if (policy == Fit.HYPHENATE) {
            lines = lines.stream()
                    .flatMap(line -> WordDivision.of(line, room, setting).stream())
                    .toList();
        }
        if (policy == Fit.WORD) {
            lines = lines.stream().map(line -> longWordsShrunk(line, room)).toList();
        }
        double widest = widest(lines);
        return new CueLines(look, metrics, lines, widest > room && room > 0 ? room / widest : 1);
    }

    /** What outlines and plates need beside the letters, design pixels. */
    private static double aside(Look look) {
        double plates = look.get(Facets.PLATES).stream()
                .filter(plate -> plate.behind() != Backing.Behind.FRAME)
                .mapToDouble(Backing::padX)
                .max()
                .orElse(0);
        return 2 * Math.max(look.rim(), plates) * look.number(Facets.SIZE);
    }

    private static List<MeasuredWord> measured(Cue cue, Look look, FaceMetrics metrics, LineLayout.Setting setting) {
        double size = look.number(Facets.SIZE);
        double between = look.number(Facets.LETTER_SPACING) * size;
        double space = metrics.space() / 1000 * size + between + look.number(Facets.WORD_SPACING) * size;
        List<MeasuredWord> words = new ArrayList<>();
        for (int i = 0; i < cue.words().size(); i++) {
            Word word = cue.words().get(i);
            boolean spaced = i > 0 && Scripts.spaced(cue.words().get(i - 1).text(), word.text());
            words.add(MeasuredWord.of(
                    word,
                    setting.cascade().ofWord(cue, word),
                    size,
                    spaced ? space : between,
                    setting.language(),
                    setting.typesetter()));
        }
        return words;
    }

    static List<List<MeasuredWord>> lines(List<MeasuredWord> words, List<Integer> starts) {
        List<List<MeasuredWord>> lines = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            boolean opens = i == 0 || starts.contains(i);
            if (opens) {
                lines.add(new ArrayList<>());
            }
            lines.get(lines.size() - 1).add(opens ? words.get(i).withGap(0) : words.get(i));
        }
        return lines;
    }

    private static List<MeasuredWord> longWordsShrunk(List<MeasuredWord> line, double room) {
        return line.stream()
                .map(word -> word.width() > room && room > 0 ? word.shrunk(room / word.width()) : word)
                .toList();
    }

    static double width(List<MeasuredWord> line) {
        return line.stream().mapToDouble(word -> word.width() + word.gap()).sum();
    }

    private static double widest(List<List<MeasuredWord>> lines) {
        return lines.stream().mapToDouble(CueLines::width).max().orElse(0);
    }

    /** The space between two words side by side on the screen: that of whichever is read later. */
    static double between(MeasuredWord a, MeasuredWord b, List<MeasuredWord> read) {
        return read.indexOf(a) > read.indexOf(b) ? a.gap() : b.gap();
    }

    /** Left to right on the screen, by the Unicode bidirectional algorithm (UAX #9, ICU). */
    static List<MeasuredWord> visualOrder(List<MeasuredWord> line) {
        StringBuilder text = new StringBuilder();
        int[] starts = new int[line.size()];
        for (int i = 0; i < line.size(); i++) {
            starts[i] = text.length();
            text.append(line.get(i).word().text()).append(' ');
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
        List<MeasuredWord> ordered = new ArrayList<>();
        for (int index : order) {
            ordered.add(line.get(index));
        }
        return ordered;
    }
}
