package saltdrum.core.motion;

import saltdrum.core.BadInputException;
import saltdrum.core.track.NumberTrack;

/**
 * WCAG 2.2, success criterion 2.3.1: nothing flashes more than three times in any one second. A flash is a pair of
 * opposing changes in relative luminance of 10 % or more of the maximum, where the darker image is below 0.80.
 */
public final class Flashes {
    public static final int MOST_A_SECOND = 3;

    private static final double CHANGE = 0.1;
    private static final double DARKER = 0.8;
    private static final int STEPS_A_SECOND = 120;

    private Flashes() {}

    /**
     * @param light how light something is over time, at its most 1: white that fades over black
     * @throws BadInputException when it flashes more than it may
     */
    static void check(NumberTrack light) {
        double from = light.keys().get(0).t();
        double ms = light.keys().get(light.keys().size() - 1).t() - from;
        double[] luminance = new double[(int) Math.ceil(ms * STEPS_A_SECOND / 1000) + 1];
        for (int i = 0; i < luminance.length; i++) {
            luminance[i] = light.valueAt(from + i * 1000.0 / STEPS_A_SECOND);
        }
        int most = most(luminance, STEPS_A_SECOND);
        if (most > MOST_A_SECOND) {
            throw new BadInputException("This would flash " + most
                    + " times in a second. More than three can harm people (WCAG 2.3.1): use fewer, or a longer time.");
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
            most = Math.max(most, changes(luminance, from, Math.min(luminance.length, from + aSecond + 1)) / 2);
        }
        return most;
    }

    /** Changes of 10 % or more, each opposing the one before. */
    private static int changes(double[] luminance, int from, int to) {
        double lowest = luminance[from];
        double highest = lowest;
        int direction = 0;
        int changes = 0;
        for (int i = from + 1; i < to; i++) {
            double now = luminance[i];
            if (direction <= 0 && now - lowest >= CHANGE && lowest < DARKER) {
                direction = 1;
                changes++;
                highest = now;
            } else if (direction >= 0 && highest - now >= CHANGE && now < DARKER) {
                direction = -1;
                changes++;
                lowest = now;
            }
            lowest = Math.min(lowest, now);
            highest = Math.max(highest, now);
        }
        return changes;
    }
}
