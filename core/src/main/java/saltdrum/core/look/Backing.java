package saltdrum.core.look;

import saltdrum.core.BadInputException;
import saltdrum.core.parts.Says;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.parts.Within;

/**
 * A plate behind the letters. Lengths in em of the cue.
 *
 * @param padX room beside the letters
 * @param padY room above and below
 * @param radius of the corners
 * @param outline outside it; null for none
 * @param shadow null for none
 */
@Says("Plate")
public record Backing(
        @Says("Behind") Behind behind,
        @Says("Form") Form form,
        @Says("Room beside") @Within(least = -1, most = 3, step = 0.02, unit = "em") double padX,
        @Says("Above, below") @Within(least = -0.5, most = 3, step = 0.02, unit = "em") double padY,
        @Says("Round corners") @Within(least = 0, most = 3, step = 0.02, unit = "em") double radius,
        @Says("Plate colour") Ink fill,
        @Says("An outline around it") Rim outline,
        @Says("A shadow under it") Shade.Soft shadow,
        @Says("Plate opacity") @Within(least = 0, most = 1, step = 0.02) double opacity) {
    public enum Behind {
        @Says("Each word")
        WORD,
        @Says("Each line")
        LINE,
        @Says("The cue")
        CUE,
        /** Behind all lines, as wide as the frame. */
        @Says("Full width")
        FRAME
    }

    public enum Form {
        @Says("Box")
        BOX,
        /** A box whose ends are half circles. */
        @Says("Pill")
        PILL,
        /** A strip of paper with torn ends. */
        @Says("Torn strip")
        TORN,
        /** A box with a tail that points down to who speaks. */
        @Says("Speech bubble")
        BUBBLE
    }

    public static final Backing BLANK = new Backing(Behind.LINE, Form.BOX, 0.3, 0.08, 0.2, Ink.DARK, null, null, 0.9);

    public Backing {
        if (behind == null || form == null || fill == null) {
            throw new BadInputException("A plate says what it is behind, its form and its fill.");
        }
        ValueParts.check(Backing.class, padX, padY, radius, opacity);
    }

    public static Backing box(Behind behind, double padX, double padY, double radius, Ink fill) {
        return new Backing(behind, Form.BOX, padX, padY, radius, fill, null, null, 1);
    }
}
