package saltdrum.core.motion;

import java.util.Random;

/**
 * The time span in which one thing appears or disappears.
 *
 * @param fromMs when it begins to come; to go it takes the time until {@code fromMs + ms}, read backwards
 * @param ms how long it takes, 1 or more
 * @param late it is out of sight before; what comes with its cue needs not say so
 * @param em size of the plain letters in design pixels
 * @param number which of its kind it is, for what is at random
 * @param leftwards its script is read from right to left
 */
public record TransitionWindow(int fromMs, int ms, boolean late, double em, int number, boolean leftwards) {
    private static final long SEED = 20_407;

    /** The same numbers for the same thing. */
    Random random() {
        return new Random(SEED + 31L * number);
    }

    int untilMs() {
        return fromMs + ms;
    }
}
