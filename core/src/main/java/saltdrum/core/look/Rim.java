package saltdrum.core.look;

import saltdrum.core.BadInputException;
import saltdrum.core.paint.Coat;

/**
 * An outline, outside the letters only. Several lie under each other by their width.
 *
 * @param width in em, 0 to 0.5
 */
public record Rim(double width, Ink ink, Coat.Join join) {
    public Rim {
        if (!(width >= 0 && width <= 0.5)) {
            throw new BadInputException("An outline is 0 to 0.5 em wide, not " + width + ".");
        }
        if (ink == null) {
            throw new BadInputException("An outline needs a colour.");
        }
        join = join == null ? Coat.Join.ROUND : join;
    }

    public Rim(double width, Ink ink) {
        this(width, ink, Coat.Join.ROUND);
    }
}
