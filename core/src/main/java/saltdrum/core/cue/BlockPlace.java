package saltdrum.core.cue;

import saltdrum.core.look.Backing;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.plane.Box;

/**
 * The room that a block of lines has in the frame, design pixels. In the safe area it ends where that does at the
 * block's height, and on both sides alike where lines are centred.
 *
 * @param left where lines begin that are aligned at their start
 * @param right where those end that are aligned at their end
 * @param middle of centred lines
 * @param top, bottom edges that the block stays between
 */
public record BlockPlace(double left, double right, double middle, double top, double bottom) {

    /**
     * @param design size of the frame, design pixels
     * @param lines of the block, as far as is known
     */
    public static BlockPlace of(Look look, SafeZones zones, Size design, int lines) {
        double middle = look.number(Facets.X) * design.width();
        double half = look.number(Facets.WIDEST) * design.width() / 2;
        if (look.get(Facets.WITHIN) == Within.FRAME) {
            return new BlockPlace(middle - half, middle + half, middle, 0, design.height());
        }
        Box safe = zones.safe(design);
        double height = lines * look.number(Facets.LINE_HEIGHT) * look.number(Facets.SIZE);
        double lean = Math.abs(Math.sin(Math.toRadians(look.number(Facets.TILT))));
        double inset = look.rim() * look.number(Facets.SIZE) + lean * half;
        double top = safe.y() * design.height() + inset;
        double bottom = safe.bottom() * design.height() - inset;
        double from =
                Math.max(top, Math.min(bottom - height, startAt(look, down(look, safe) * design.height(), height)));
        SafeZones.Span span = zones.span(design, from / design.height(), (from + height) / design.height());
        double left = span.left() * design.width() + lean * height / 2;
        double right = span.right() * design.width() - lean * height / 2;
        if (middle <= left || middle >= right) {
            return new BlockPlace(left, right, (left + right) / 2, top, bottom);
        }
        return switch (look.get(Facets.ALIGN)) {
            case CENTRE -> {
                double free = Math.min(half, Math.min(middle - left, right - middle));
                yield new BlockPlace(middle - free, middle + free, middle, top, bottom);
            }
            case START, END ->
                new BlockPlace(Math.max(left, middle - half), Math.min(right, middle + half), middle, top, bottom);
        };
    }

    /** The place down of a look, in parts of the frame. @param safe in parts of the frame */
    public static double down(Look look, Box safe) {
        double y = look.number(Facets.Y);
        return look.get(Facets.WITHIN) == Within.SAFE ? safe.y() + y * safe.height() : y;
    }

    /** The top of a block as high as that; it stays between the edges where it can. */
    public double start(Look look, double y, double height) {
        double wanted = startAt(look, y, height);
        return Math.max(top, Math.min(wanted, bottom - height));
    }

    private static double startAt(Look look, double y, double height) {
        Grow grow = look.get(Facets.GROW);
        return grow == Grow.UP ? y - height : grow == Grow.DOWN ? y : y - height / 2;
    }

    /** For letters: without what outlines and plates need beside them. */
    public double room(Look look) {
        double plates = look.get(Facets.PLATES).stream()
                .filter(plate -> plate.behind() != Backing.Behind.FRAME)
                .mapToDouble(Backing::padX)
                .max()
                .orElse(0);
        return right - left - 2 * Math.max(look.rim(), plates) * look.number(Facets.SIZE);
    }
}
