package saltdrum.core.look;

import saltdrum.core.BadInputException;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;

/**
 * A plate behind the letters. Lengths in em of the cue.
 *
 * @param padX room beside the letters
 * @param padY room above and below
 * @param radius of the corners
 * @param outline outside it; null for none
 * @param shadow null for none
 */
@Label("Plate")
public record Backing(
        @Label("Behind") Behind behind,
        @Label("Form") Form form,
        @Label("Room beside") @NumberRange(least = -1, most = 3, step = 0.02, unit = "em") double padX,
        @Label("Above, below") @NumberRange(least = -0.5, most = 3, step = 0.02, unit = "em") double padY,
        @Label("Round corners") @NumberRange(least = 0, most = 3, step = 0.02, unit = "em") double radius,
        @Label("Plate colour") Ink fill,
        @Label("An outline around it") TextOutline outline,
        @Label("A shadow under it") TextShadow.Soft shadow,
        @Label("Plate opacity") @NumberRange(least = 0, most = 1, step = 0.02) double opacity) {
    public enum Behind {
        @Label("Each word")
        WORD,
        @Label("Each line")
        LINE,
        @Label("The cue")
        CUE,
        /** Behind all lines, as wide as the frame. */
        @Label("Full width")
        FRAME
    }

    public enum Form {
        @Label("Box")
        BOX,
        /** A box whose ends are half circles. */
        @Label("Pill")
        PILL,
        /** A strip of paper with torn ends. */
        @Label("Torn strip")
        TORN,
        /** A box with a tail that points down to the speaker. */
        @Label("Speech bubble")
        BUBBLE
    }

    public static final Backing BLANK = new Backing(Behind.LINE, Form.BOX, 0.3, 0.08, 0.2, Ink.DARK, null, null, 0.9);

    public Backing {
        if (behind == null || form == null || fill == null) {
            throw new BadInputException("A plate needs what it is behind, a form and a fill.");
        }
        ValueParts.check(Backing.class, padX, padY, radius, opacity);
    }

    public static Backing box(Behind behind, double padX, double padY, double radius, Ink fill) {
        return new Backing(behind, Form.BOX, padX, padY, radius, fill, null, null, 1);
    }

    /**
     * A plate that has room around the letters has room for their outlines too, so that none shows beyond it.
     *
     * @param rim width of the widest outline of the letters, em
     */
    public Backing around(double rim) {
        return new Backing(
                behind, form, withRoom(padX, rim), withRoom(padY, rim), radius, fill, outline, shadow, opacity);
    }

    /** A plate that is smaller than its letters is meant so. */
    private static double withRoom(double pad, double rim) {
        return pad < 0 ? pad : Math.max(pad, rim);
    }
}
