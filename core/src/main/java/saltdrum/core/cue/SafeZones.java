package saltdrum.core.cue;

import java.util.List;
import saltdrum.core.parts.Label;
import saltdrum.core.parts.NumberRange;
import saltdrum.core.parts.ValueParts;
import saltdrum.core.plane.Box;

/**
 * The areas that a phone covers in a tall picture that fills its screen, in parts of the picture's width and height: a
 * bar at the top, buttons at the right from some height down, text at the bottom. Other pictures have a margin only.
 * The usual figures are common practice, no source; the margin is the graphics safe area of EBU R 95 (from memory).
 *
 * @param bar height of the bar at the top
 * @param buttons width of the buttons at the right
 * @param buttonsFrom where the buttons begin, from the top
 * @param text height of the text at the bottom
 * @param side what is kept free at the left, and at the right where there are no buttons
 */
public record SafeZones(
        @Label("Bar at the top") @NumberRange(least = 0, most = 0.4, step = 0.01, unit = "of the frame") double bar,
        @Label("Buttons at the right") @NumberRange(least = 0, most = 0.4, step = 0.01, unit = "of the frame")
                double buttons,
        @Label("They begin at") @NumberRange(least = 0, most = 1, step = 0.01, unit = "of the frame")
                double buttonsFrom,
        @Label("Text at the bottom") @NumberRange(least = 0, most = 0.5, step = 0.01, unit = "of the frame")
                double text,
        @Label("Free at the sides") @NumberRange(least = 0, most = 0.3, step = 0.01, unit = "of the frame")
                double side) {
    public static final SafeZones USUAL = new SafeZones(0.1, 0.12, 0.45, 0.2, 0.06);
    private static final double GRAPHICS = 0.05;

    /** A zone that something covers, in parts of the output. */
    public record Zone(Kind kind, Box part) {}

    public enum Kind {
        BAR,
        BUTTONS,
        TEXT
    }

    public SafeZones {
        ValueParts.check(SafeZones.class, bar, buttons, buttonsFrom, text, side);
    }

    private static boolean tall(Size output) {
        return output.height() > output.width();
    }

    /** The zones of a finished picture of that size. */
    public List<Zone> zones(Size output) {
        return tall(output)
                ? List.of(
                        new Zone(Kind.BAR, Box.ofEdges(0, 0, 1, bar)),
                        new Zone(Kind.BUTTONS, Box.ofEdges(1 - buttons, Math.max(bar, buttonsFrom), 1, 1 - text)),
                        new Zone(Kind.TEXT, Box.ofEdges(0, 1 - text, 1, 1)))
                : List.of();
    }

    /** Left and right edge, in parts of the width, of what is safe between two heights. */
    public Span span(Size output, double top, double bottom) {
        if (!tall(output)) {
            return new Span(GRAPHICS, 1 - GRAPHICS);
        }
        boolean beside = bottom > Math.max(bar, buttonsFrom) && top < 1 - text;
        return new Span(side, 1 - (beside ? Math.max(side, buttons) : side));
    }

    public record Span(double left, double right) {}

    /** Where text is safe on every line. */
    public Box safe(Size output) {
        return tall(output)
                ? Box.ofEdges(side, bar, 1 - Math.max(side, buttons), 1 - text)
                : Box.ofEdges(GRAPHICS, GRAPHICS, 1 - GRAPHICS, 1 - GRAPHICS);
    }
}
