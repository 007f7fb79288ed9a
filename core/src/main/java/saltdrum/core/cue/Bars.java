package saltdrum.core.cue;

import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;

/**
 * What fills the space beside a clip that is fitted into its frame.
 *
 * @param kind what the bars show
 * @param to {@code #RRGGBB} at the bottom of a gradient; it starts with the frame's bar colour at the top
 * @param blur of a copy of the clip, radius in parts of the frame's short side, 0.005 to 0.2
 * @param dark how much of its light the copy loses, 0 to 0.95
 * @param picture content hash of an uploaded picture
 * @param top height of the upper bar in parts of the frame, if set by a person; null centres the clip
 * @param bottom the same for the lower bar; together at most 0.9
 */
public record Bars(
        Kind kind,
        @MayBeMissing String to,
        @MayBeMissing Double blur,
        @MayBeMissing Double dark,
        @MayBeMissing String picture,
        @MayBeMissing Double top,
        @MayBeMissing Double bottom) {
    public static final double USUAL_BLUR = 0.04;
    public static final double USUAL_DARK = 0.35;
    public static final Bars PLAIN = new Bars(Kind.COLOUR, null, null, null, null, null, null);
    public static final Bars BLURRED = new Bars(Kind.BLUR, null, null, null, null, null, null);
    private static final double MOST_OF_BOTH = 0.9;

    /** One colour; a gradient from top to bottom; the clip itself, large, blurred and darkened; a picture of one's own. */
    public enum Kind {
        COLOUR,
        GRADIENT,
        BLUR,
        PICTURE
    }

    public Bars {
        if (kind == null) {
            throw new BadInputException("“kind” of the bars is missing.");
        }
        to = to == null ? "#2f6f73" : to;
        if (!to.matches("#[0-9a-fA-F]{6}")) {
            throw new BadInputException("The bars' second colour must be written #RRGGBB.");
        }
        blur = within("blur", blur == null ? USUAL_BLUR : blur, 0.005, 0.2);
        dark = within("dark", dark == null ? USUAL_DARK : dark, 0, 0.95);
        if (kind == Kind.PICTURE && picture == null) {
            throw new BadInputException("Choose a picture for the bars first.");
        }
        if (picture != null && !picture.matches("[0-9a-f]{64}")) {
            throw new BadInputException("“picture” must be the name of an added picture.");
        }
        top = top == null ? null : within("top", top, 0, MOST_OF_BOTH);
        bottom = bottom == null ? null : within("bottom", bottom, 0, MOST_OF_BOTH);
        if (part(top) + part(bottom) > MOST_OF_BOTH + 1e-9) {
            throw new BadInputException(
                    "The bars leave no room for the clip: together they can take at most nine tenths.");
        }
    }

    private static double within(String name, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new BadInputException("“" + name + "” of the bars is between " + least + " and " + most + ".");
        }
        return value;
    }

    static double part(Double height) {
        return height == null ? 0 : height;
    }

    /** Whether the heights were set by a person. */
    public boolean set() {
        return top != null || bottom != null;
    }
}
