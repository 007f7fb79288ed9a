package saltdrum.core.look;

import saltdrum.core.BadInputException;
import saltdrum.core.paint.Coat;
import saltdrum.core.parts.Says;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.parts.Within;

/**
 * An outline, outside the letters only. Several lie under each other by their width.
 *
 * @param width in em
 */
@Says("Outline")
public record Rim(
        @Says("Outline width") @Within(least = 0, most = 0.5, step = 0.005, unit = "em") double width,
        @Says("Outline colour") Ink ink,
        @Says("Corners") Coat.Join join) {
    public static final Rim BLANK = new Rim(0.05, Ink.DARK);

    public Rim {
        ValueParts.check(Rim.class, width);
        if (ink == null) {
            throw new BadInputException("An outline needs a colour.");
        }
        join = join == null ? Coat.Join.ROUND : join;
    }

    public Rim(double width, Ink ink) {
        this(width, ink, Coat.Join.ROUND);
    }
}
