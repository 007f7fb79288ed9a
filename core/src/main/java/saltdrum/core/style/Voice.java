package saltdrum.core.style;

import saltdrum.core.BadInputException;
import saltdrum.core.look.LookPatch;

/**
 * How a word of one emphasis role looks.
 *
 * @param role what the designer calls it: “shout”; 1 to 40 letters
 * @param look overrides of the style's plain words
 */
public record Voice(String role, LookPatch look) {
    public Voice {
        if (role == null || role.isBlank() || role.length() > 40) {
            throw new BadInputException("A voice needs a role of 1 to 40 letters.");
        }
        look = look == null ? LookPatch.NONE : look;
    }
}
