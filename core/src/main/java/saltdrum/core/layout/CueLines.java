package saltdrum.core.layout;

import com.ibm.icu.text.Bidi;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Cue;
import saltdrum.core.layout.type.FaceMetrics;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * The words of a cue in lines, at their full size, and how far they are to be shrunk so that every line fits.
 *
 * @param place where they have room
 * @param fit 1, or how far
 */
record CueLines(Look look, FaceMetrics metrics, BlockPlace place, List<List<MeasuredWord>> lines, double fit) {

    /** Set as the look says for what does not fit; where all have one size, as the cue alone would be. */
    static CueLines fitted(Cue cue, LineLayout.Setting setting) {
        return fitted(cue, setting, 1);
    }

    /** @param mostFit the size of the whole track, 1 for full */
    static CueLines fitted(Cue cue, LineLayout.Setting setting, double mostFit) {
        Look look = setting.cascade().ofCue(cue);
        FaceMetrics metrics = setting.typesetter().metrics(look.face());
        List<MeasuredWord> words = measured(cue, look, metrics, setting);
        List<List<MeasuredWord>> lines = lines(words, cue.lineStarts());
        CueLines first = at(look, metrics, lines, setting);
        List<List<MeasuredWord>> broken = broken(cue, words, first, mostFit, setting);
        return broken == first.lines ? first : at(look, metrics, broken, setting);
    }

    private static CueLines at(
            Look look, FaceMetrics metrics, List<List<MeasuredWord>> broken, LineLayout.Setting setting) {
        List<List<MeasuredWord>> lines =
                broken.stream().map(line -> ended(line, setting)).toList();
        BlockPlace place = BlockPlace.of(look, setting.zones(), setting.design(), lines.size());
        double room = place.room(look);
        double widest = widest(lines);
        return new CueLines(look, metrics, place, lines, widest > room && room > 0 ? room / widest : 1);
    }

    /** A line with its last word as it looks at the end of one. */
    private static List<MeasuredWord> ended(List<MeasuredWord> line, LineLayout.Setting setting) {
        MeasuredWord last = line.get(line.size() - 1);
        MeasuredWord ending = last.atLineEnd(setting.language(), setting.typesetter());
        if (ending == last) {
            return line;
        }
        List<MeasuredWord> ended = new ArrayList<>(line);
        ended.set(line.size() - 1, ending);
        return ended;
    }

    /** The same lines where nothing is to be broken. */
    private static List<List<MeasuredWord>> broken(
            Cue cue, List<MeasuredWord> words, CueLines first, double mostFit, LineLayout.Setting setting) {
        List<List<MeasuredWord>> lines = first.lines;
        double room = first.place.room(first.look);
        int most = (int) first.look.number(Facets.MOST_LINES);
        return switch (first.look.get(Facets.FIT)) {
            case CUE, ALL -> lines;
            case ONE ->
                mostFit == 1 || first.fit >= mostFit || cue.linesByHand()
                        ? lines
                        : Rewrap.lines(words, room / mostFit, most);
            case BREAK -> widest(lines) > room ? Rewrap.lines(words, room, most) : lines;
            case HYPHENATE ->
                lines.stream()
                        .flatMap(line -> WordDivision.of(line, room, setting).stream())
                        .toList();
            case WORD -> lines.stream().map(line -> longWordsShrunk(line, room)).toList();
        };
    }

    static List<MeasuredWord> measured(Cue cue, Look look, FaceMetrics metrics, LineLayout.Setting setting) {
        double size = look.number(Facets.SIZE);
        double between = look.number(Facets.LETTER_SPACING) * size;
        double space = metrics.space() / 1000 * size;
        double asAsked = space + between + look.number(Facets.WORD_SPACING) * size;
        List<MeasuredWord> words = new ArrayList<>();
        double before = 0;
        for (int i = 0; i < cue.words().size(); i++) {
            Word word = cue.words().get(i);
            boolean spaced = i > 0 && Scripts.spaced(cue.words().get(i - 1).text(), word.text());
            MeasuredWord measured = MeasuredWord.of(
                    word, setting.cascade().ofWord(cue, word), size, between, setting.language(), setting.typesetter());
            double beyond = measured.beyond(look, size);
            // One that swells keeps a space to its neighbours when it is largest.
            words.add(spaced ? measured.withGap(Math.max(asAsked, space + Math.max(before, beyond))) : measured);
            before = beyond;
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
