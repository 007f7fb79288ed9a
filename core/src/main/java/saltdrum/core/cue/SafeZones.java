package saltdrum.core.cue;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.plane.Box;

/**
 * What a phone lays over a tall picture that fills its screen, in parts of the picture's width and height: a bar at the
 * top, buttons at the right from some height down, text at the bottom. Other pictures have a margin only. The usual
 * figures are common practice, no source; the margin is the graphics safe area of EBU R 95 (from memory).
 *
 * @param bar height of the bar at the top, 0 to 0.4
 * @param buttons width of the buttons at the right, 0 to 0.4
 * @param buttonsFrom where the buttons begin, from the top, 0 to 1
 * @param text height of the text at the bottom, 0 to 0.5
 * @param side what is kept free at the left, and at the right where there are no buttons, 0 to 0.3
 */
public record SafeZones(double bar, double buttons, double buttonsFrom, double text, double side) {
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
        within("bar at the top", bar, 0.4);
        within("row of buttons", buttons, 0.4);
        within("beginning of the buttons", buttonsFrom, 1);
        within("text at the bottom", text, 0.5);
        within("free side", side, 0.3);
    }

    private static void within(String what, double value, double most) {
        if (!(value >= 0 && value <= most)) {
            throw new BadInputException("The " + what + " is a part of the picture from 0 to " + most + ".");
        }
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

    /** Where text is safe on every line. */
    public Box safe(Size output) {
        return tall(output)
                ? Box.ofEdges(side, bar, 1 - Math.max(side, buttons), 1 - text)
                : Box.ofEdges(GRAPHICS, GRAPHICS, 1 - GRAPHICS, 1 - GRAPHICS);
    }
}
