package saltdrum.core.cue;

import saltdrum.core.plane.Box;

/**
 * Where captions are safe from what a phone or a screen lays over a picture: parts of its width and height. Margins of a
 * tall picture are common practice, no source; those of others are 5 % on every side, the graphics safe area of EBU R 95
 * (from memory).
 */
public final class SafeArea {
    private static final double SIDE = 0.06;
    private static final double BUTTONS = 0.12;
    private static final double BAR = 0.1;
    private static final double TEXT_BELOW = 0.2;
    private static final double GRAPHICS = 0.05;

    private SafeArea() {}

    public static Box of(Size output) {
        return output.height() > output.width()
                ? Box.ofEdges(SIDE, BAR, 1 - BUTTONS, 1 - TEXT_BELOW)
                : Box.ofEdges(GRAPHICS, GRAPHICS, 1 - GRAPHICS, 1 - GRAPHICS);
    }
}
