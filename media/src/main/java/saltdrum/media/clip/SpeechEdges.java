package saltdrum.media.clip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Times at which the drawn loudness rises from quiet or falls back to it, for edges to snap to. Not a measure of
 * speech; music hides it.
 */
public final class SpeechEdges {
    private static final int MS = 1000 / Peaks.PER_SECOND;
    private static final int SHORTEST_SOUND = 4;
    private static final int SHORTEST_QUIET = 4;
    private static final double THRESHOLD = 0.18;

    private SpeechEdges() {}

    /**
     * @param peaks one byte for each 10 ms, as {@link Peaks} makes them
     * @return milliseconds, rising
     */
    public static List<Integer> of(byte[] peaks) {
        int[] levels = new int[peaks.length];
        for (int i = 0; i < peaks.length; i++) {
            levels[i] = peaks[i] & 0xff;
        }
        int[] sorted = levels.clone();
        Arrays.sort(sorted);
        List<Integer> edges = new ArrayList<>();
        if (sorted.length == 0) {
            return edges;
        }
        int quiet = sorted[sorted.length / 10];
        int loud = sorted[sorted.length * 95 / 100];
        double threshold = quiet + THRESHOLD * (loud - quiet);
        boolean on = false;
        int since = 0;
        for (int i = 0; i < levels.length; i++) {
            boolean now = levels[i] > threshold;
            since = now == on ? 0 : since + 1;
            if (since == (on ? SHORTEST_QUIET : SHORTEST_SOUND)) {
                edges.add((i - since + 1) * MS);
                on = now;
                since = 0;
            }
        }
        return edges;
    }
}
