package saltdrum.core.look;

import saltdrum.core.BadInputException;

/**
 * A plate behind the letters. Lengths in em of the cue.
 *
 * @param padX room beside the letters, −1 to 3
 * @param padY room above and below, −0.5 to 3
 * @param radius of the corners, 0 to 3
 * @param outline outside it; null for none
 * @param shadow null for none
 * @param opacity 0 to 1
 */
public record Backing(
        Behind behind,
        Form form,
        double padX,
        double padY,
        double radius,
        Ink fill,
        Rim outline,
        Shade.Soft shadow,
        double opacity) {
    public enum Behind {
        WORD,
        LINE,
        CUE,
        /** Behind all lines, as wide as the frame. */
        FRAME
    }

    public enum Form {
        BOX,
        /** A box whose ends are half circles. */
        PILL,
        /** A strip of paper with torn ends. */
        TORN,
        /** A box with a tail that points down to who speaks. */
        BUBBLE
    }

    public Backing {
        if (behind == null || form == null || fill == null) {
            throw new BadInputException("A plate says what it is behind, its form and its fill.");
        }
        if (!(padX >= -1 && padX <= 3 && padY >= -0.5 && padY <= 3 && radius >= 0 && radius <= 3)) {
            throw new BadInputException("A plate pads by up to 3 em and rounds by 0 to 3 em.");
        }
        if (!(opacity >= 0 && opacity <= 1)) {
            throw new BadInputException("A plate's opacity lies between 0 and 1.");
        }
    }

    public static Backing box(Behind behind, double padX, double padY, double radius, Ink fill) {
        return new Backing(behind, Form.BOX, padX, padY, radius, fill, null, null, 1);
    }
}
