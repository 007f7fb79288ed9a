package saltdrum.core.check;

import saltdrum.core.cue.Headline;

/** The names of headlines in findings. */
public final class HeadlineNames {
    private static final int MOST = 30;

    private HeadlineNames() {}

    public static String shortened(Headline headline) {
        String text = headline.text().replaceAll("\\s+", " ");
        return text.length() <= MOST ? text : text.substring(0, MOST - 1) + "…";
    }
}
