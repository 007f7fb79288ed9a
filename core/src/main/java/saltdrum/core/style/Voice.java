package saltdrum.core.style;

import saltdrum.core.BadInputException;
import saltdrum.core.colour.Colours;

/**
 * How a word of one role looks.
 *
 * @param role what the designer calls it: “plain”, “shout”
 * @param face null keeps the style's
 * @param scale size against the style's, 0.2 to 3
 * @param outline width in em outside the letter, 0 for none
 * @param tilt degrees, clockwise
 * @param upper whether the word stands in capitals
 */
public record Voice(
        String role,
        Face face,
        double scale,
        String fill,
        String outlineColour,
        double outline,
        Shadow shadow,
        double tilt,
        boolean upper) {
    public Voice {
        if (role == null || role.isBlank()) {
            throw new BadInputException("A voice needs a role.");
        }
        Colours.check(fill);
        Colours.check(outlineColour);
        if (!(scale >= 0.2 && scale <= 3)) {
            throw new BadInputException("The voice “" + role + "” scales between 0.2 and 3, not " + scale + ".");
        }
        if (!(outline >= 0 && outline <= 0.5)) {
            throw new BadInputException("The outline of “" + role + "” is 0 to 0.5 em wide, not " + outline + ".");
        }
        if (!(Math.abs(tilt) <= 45)) {
            throw new BadInputException("The voice “" + role + "” tilts within 45 degrees.");
        }
    }
}
