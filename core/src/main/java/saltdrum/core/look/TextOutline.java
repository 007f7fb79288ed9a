package saltdrum.core.look;

import saltdrum.core.BadInputException;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;

/**
 * An outline, outside the letters only. Several are stacked by their width, the widest at the bottom.
 *
 * @param width in em
 */
@Label("Outline")
public record TextOutline(
        @Label("Outline width") @NumberRange(least = 0, most = 0.5, step = 0.005, unit = "em") double width,
        @Label("Outline colour") Ink ink,
        @Label("Corners") PaintLayer.Join join) {
    public static final TextOutline BLANK = new TextOutline(0.05, Ink.DARK);

    public TextOutline {
        ValueParts.check(TextOutline.class, width);
        if (ink == null) {
            throw new BadInputException("An outline needs a colour.");
        }
        join = join == null ? PaintLayer.Join.ROUND : join;
    }

    public TextOutline(double width, Ink ink) {
        this(width, ink, PaintLayer.Join.ROUND);
    }
}
