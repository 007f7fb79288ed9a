package saltdrum.core.layout;

import saltdrum.core.layout.type.JoiningScripts;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.Spoken;
import saltdrum.core.shown.ShownText;
import saltdrum.core.word.Scripts;
import saltdrum.core.word.Word;

/**
 * A word measured at its full size.
 *
 * @param text of the word, or of the part of it that this is, as it is written
 * @param emoji the picture at the word; null for none
 * @param size of its letters in design pixels
 * @param gap the space before it; 0 at the start of a line or if its script writes none
 * @param shrunk 1, or the factor by which this word alone was shrunk
 */
record MeasuredWord(
        Word word, String text, Look look, ShapedWord shaped, String emoji, double size, double gap, double shrunk) {
    static MeasuredWord of(Word word, Look look, double cueSize, double gap, String language, Typesetter typesetter) {
        String emoji = look.get(Facets.EMOJI);
        return of(word, word.text(), look, cueSize, gap, language, typesetter)
                .withEmoji(emoji.isEmpty() ? null : typesetter.drawing(emoji));
    }

    /** A part of a word, with the size and gap of this one, and no emoji. */
    MeasuredWord part(String text, String language, Typesetter typesetter) {
        MeasuredWord part = of(word, text, look, size / look.number(Facets.SCALE), gap, language, typesetter);
        return new MeasuredWord(word, text, look, part.shaped, null, size, gap, shrunk);
    }

    /** The same at the end of a line, where its look may show less of it. */
    MeasuredWord atLineEnd(String language, Typesetter typesetter) {
        String ending = ShownText.atLineEnd(text, look);
        return ending.equals(text) ? this : part(ending, language, typesetter).withEmoji(emoji);
    }

    private static MeasuredWord of(
            Word word, String part, Look look, double cueSize, double gap, String language, Typesetter typesetter) {
        String text = ShownText.of(part, look, language);
        ShapedWord shaped = typesetter.shape(text, look.face(), language);
        boolean joined = JoiningScripts.anyIn(text);
        return new MeasuredWord(
                word,
                part,
                look,
                joined ? shaped : shaped.spaced(1000 * look.number(Facets.LETTER_SPACING)),
                null,
                cueSize * look.number(Facets.SCALE),
                gap,
                1);
    }

    /**
     * How far its letters, or a plate under it, are beyond its place at either side when they are largest, design
     * pixels.
     *
     * @param cue the look of its cue, whose letters have {@code cueSize}
     */
    double beyond(Look cue, double cueSize) {
        double swells = 1;
        double plate = 0;
        for (Spoken spoken : cue.get(Facets.SPOKEN)) {
            swells *= spoken.swells();
            if (spoken instanceof Spoken.Plated plated) {
                plate = Math.max(plate, plated.padX() * cueSize);
            }
        }
        for (Accent accent : look.get(Facets.ACCENTS)) {
            swells *= accent.swells();
        }
        return Math.max(plate, (swells - 1) / 2 * width());
    }

    /** Includes the emoji next to it. */
    double width() {
        return shaped.advance() / 1000 * size + besides();
    }

    /** The width of the emoji left of its letters. */
    double lead() {
        return besides() > 0 && WordEmoji.left(look, Scripts.rightToLeft(word.text())) ? besides() : 0;
    }

    private double besides() {
        return emoji == null ? 0 : WordEmoji.room(look) * size;
    }

    MeasuredWord withEmoji(String other) {
        return new MeasuredWord(word, text, look, shaped, other, size, gap, shrunk);
    }

    MeasuredWord withGap(double newGap) {
        return new MeasuredWord(word, text, look, shaped, emoji, size, newGap, shrunk);
    }

    MeasuredWord shrunk(double by) {
        return new MeasuredWord(word, text, look, shaped, emoji, size * by, gap, shrunk * by);
    }
}
