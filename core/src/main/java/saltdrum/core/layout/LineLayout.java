package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.cue.Size;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.plane.Box;
import saltdrum.core.style.Cascade;
import saltdrum.core.text.EmojiRule;
import saltdrum.core.text.Hyphens;
import saltdrum.core.word.Word;

/**
 * The positions of a cue's words in the frame, design pixels.
 *
 * @param look of the cue itself
 * @param lines from the capitals' top to the baseline, as wide as their words
 * @param em the letter size of the cue after fitting
 * @param fit 1, or the factor by which the cue, or the smallest of its words, was shrunk
 */
record LineLayout(Look look, List<PlacedWord> words, List<Box> lines, double em, double capHeight, double fit) {

    /**
     * @param size letter size in design pixels; {@code x, y} the start of the baseline
     * @param emoji the picture at the word; null for none
     */
    record PlacedWord(
            Word word, Look look, ShapedWord shaped, String emoji, double x, double y, double size, int line) {
        /** The emoji that it asks for and that has no drawing; a frame for a sticker; empty for none. */
        String undrawn() {
            String asked = emoji == null ? look.get(Facets.EMOJI) : "";
            return EmojiRule.sticker(asked) ? "🖼" : asked;
        }

        /** Of its letters. */
        double width() {
            return shaped.advance() / 1000 * size;
        }
    }

    /** Characters of the words that no font has, each once, and emoji at them that no set of drawings has. */
    String missing() {
        return words.stream()
                .flatMapToInt(word -> IntStream.concat(
                        word.shaped().missing().codePoints(), word.undrawn().codePoints()))
                .distinct()
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** By how much a word is turned more than its cue, degrees. */
    double ownTilt(PlacedWord word) {
        return word.look().number(Facets.TILT) - look.number(Facets.TILT);
    }

    /** Everything a line layout asks of the world. */
    record Setting(
            Cascade cascade, Size design, SafeZones zones, String language, Typesetter typesetter, Hyphens hyphens) {}

    /** @param mostFit how far every cue is shrunk at least: 1 for not at all */
    static LineLayout of(Cue cue, Setting setting, double mostFit) {
        return of(CueLines.fitted(cue, setting, mostFit), setting, mostFit);
    }

    /** The factor by which the cue alone would be shrunk; 1 if it fits. */
    static double fit(Cue cue, Setting setting) {
        return CueLines.fitted(cue, setting).fit();
    }

    private static LineLayout of(CueLines cue, Setting setting, double mostFit) {
        Look look = cue.look();
        double fit = Math.min(cue.fit(), mostFit);
        double em = look.number(Facets.SIZE) * fit;
        double lineHeight = look.number(Facets.LINE_HEIGHT) * em;
        double cap = cue.metrics().capHeight() / 1000 * em;
        double down = BlockPlace.down(look, setting.zones().safe(setting.design()))
                * setting.design().height();
        double top = cue.place().start(look, down, lineHeight * cue.lines().size());
        List<PlacedWord> placed = new ArrayList<>();
        List<Box> boxes = new ArrayList<>();
        double smallest = fit;
        for (int l = 0; l < cue.lines().size(); l++) {
            List<MeasuredWord> line = cue.lines().get(l);
            double width = CueLines.width(line) * fit;
            double x = left(look, cue.place(), width);
            double baseline = top + l * lineHeight + lineHeight / 2 + cap / 2;
            boxes.add(new Box(x, baseline - cap, width, cap));
            List<MeasuredWord> seen = CueLines.visualOrder(line);
            for (int w = 0; w < seen.size(); w++) {
                MeasuredWord word = seen.get(w);
                placed.add(new PlacedWord(
                        word.word(),
                        word.look(),
                        word.shaped(),
                        word.emoji(),
                        x + word.lead() * fit,
                        baseline,
                        word.size() * fit,
                        l));
                double gap = w + 1 < seen.size() ? CueLines.between(word, seen.get(w + 1), line) : 0;
                x += (word.width() + gap) * fit;
                smallest = Math.min(smallest, word.shrunk() * fit);
            }
        }
        return new LineLayout(look, placed, boxes, em, cap, smallest);
    }

    private static double left(Look look, BlockPlace place, double width) {
        return switch (look.get(Facets.ALIGN)) {
            case START -> place.left();
            case CENTRE -> place.middle() - width / 2;
            case END -> place.right() - width;
        };
    }
}
