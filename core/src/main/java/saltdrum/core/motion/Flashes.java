package saltdrum.core.motion;

import saltdrum.core.BadInputException;

/**
 * WCAG 2.2, success criterion 2.3.1: nothing flashes more than three times in any one second. A flash is a pair of
 * opposing changes in relative luminance of 10 % or more of the maximum, where the darker image is below 0.80.
 */
public final class Flashes {
    public static final int MOST_A_SECOND = 3;

    private static final double CHANGE = 0.1;
    private static final double DARKER = 0.8;

    private Flashes() {}

    /** @throws BadInputException when something that pulses so often flashes more than it may */
    static void check(int pulses, int ms) {
        // As many as lie in any second: one more can begin in it than fit into it.
        double inOneSecond = ms >= 1000 ? Math.ceil(1000.0 * pulses / ms) : pulses;
        if (inOneSecond > MOST_A_SECOND) {
            throw new BadInputException("This would flash " + pulses + " times in " + ms
                    + " ms. More than three flashes a second can harm people (WCAG 2.3.1): take fewer, or more time.");
        }
    }

    /**
     * The most flashes in any one second.
     *
     * @param luminance relative luminance, 0 to 1, at even steps
     * @param aSecond steps a second
     */
    public static int most(double[] luminance, int aSecond) {
        int most = 0;
        for (int from = 0; from < luminance.length; from++) {
            most = Math.max(most, in(luminance, from, Math.min(luminance.length, from + aSecond + 1)));
        }
        return most;
    }

    private static int in(double[] luminance, int from, int to) {
        double extreme = luminance[from];
        int direction = 0;
        int changes = 0;
        for (int i = from + 1; i < to; i++) {
            double step = luminance[i] - extreme;
            boolean turned = Math.abs(step) >= CHANGE && Math.min(luminance[i], extreme) < DARKER;
            int way = step > 0 ? 1 : -1;
            if (turned && way != direction) {
                changes++;
                direction = way;
                extreme = luminance[i];
            } else if (direction != 0 && way == direction && Math.abs(step) > 0) {
                extreme = luminance[i];
            } else if (direction == 0 && !turned) {
                continue;
            }
        }
        return changes / 2;
    }
}
