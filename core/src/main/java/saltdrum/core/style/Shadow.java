package saltdrum.core.style;

import saltdrum.core.BadInputException;
import saltdrum.core.colour.Colours;

/** A shadow under the letter and its outline together. Lengths in em; {@code blur} is the Gaussian's sigma. */
public record Shadow(String colour, double dx, double dy, double blur) {
    public Shadow {
        Colours.check(colour);
        if (!(Math.abs(dx) <= 2 && Math.abs(dy) <= 2 && blur >= 0 && blur <= 1)) {
            throw new BadInputException("A shadow lies within 2 em and blurs by 0 to 1 em.");
        }
    }
}
