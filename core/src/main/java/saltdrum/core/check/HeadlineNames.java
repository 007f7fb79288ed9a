package saltdrum.core.check;

import saltdrum.core.cue.Headline;

/** How findings name a headline. */
public final class HeadlineNames {
    private static final int MOST = 30;

    private HeadlineNames() {}

    public static String shortened(Headline headline) {
        String text = headline.text().replaceAll("\\s+", " ");
        return text.length() <= MOST ? text : text.substring(0, MOST - 1) + "…";
    }
}
