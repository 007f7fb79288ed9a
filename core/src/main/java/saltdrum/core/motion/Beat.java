package saltdrum.core.motion;

/**
 * The time and the size of one motion.
 *
 * @param fromMs when it may begin, clip time
 * @param toMs when what it is about ends: the word has been said, the cue goes
 * @param goneMs when the cue leaves the screen; a way in is never longer than two thirds of the time until then
 * @param em size of the plain letters in design pixels
 * @param fill the colour it has at rest; null where that is none
 * @param late it begins later than the cue around it, so that it must be out of sight before
 * @param leftwards its script is read from right to left
 */
public record Beat(int fromMs, int toMs, int goneMs, double em, String fill, boolean late, boolean leftwards) {
    public Beat(int fromMs, int toMs, int goneMs, double em, String fill, boolean late) {
        this(fromMs, toMs, goneMs, em, fill, late, false);
    }

    int lengthMs() {
        return toMs - fromMs;
    }

    /** A way in of so many ms, as far as there is time for it. */
    int in(int ms) {
        return Math.max(1, Math.min(ms, (goneMs - fromMs) * 2 / 3));
    }

    /** A way up of so many ms while a word is said. */
    int up(int ms) {
        return Math.max(1, Math.min(ms, lengthMs()));
    }
}
