package saltdrum.speech.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import saltdrum.core.word.Word;

/**
 * A script's words and the words heard, in one order: runs of either that are the same to the ear, and runs that differ.
 * One written word may have been heard as two or three and the other way round (figures, compounds, letters).
 */
final class SideBySide {
    private static final int MOST_JOINED = 3;

    /** The same word this much later or earlier is another one. */
    private static final int MOST_APART_MS = 4_000;

    /** Words further apart than this are not looked at side by side. */
    private static final int WINDOW_MS = 15_000;

    private static final double LEFT_OUT = 0.55;

    private static final double NEARER = 0.1;

    interface Ear {
        /** 0 for the same to 1 for nothing alike. */
        double apart(List<String> script, List<String> voice);
    }

    /** Indexes; {@code from} inclusive, {@code to} exclusive. One of the two may be empty where they differ. */
    record Stretch(boolean same, int fromScript, int toScript, int fromHeard, int toHeard) {}

    private final List<Word> script;
    private final List<Word> heard;
    private final Ear ear;

    SideBySide(List<Word> script, List<Word> heard, Ear ear) {
        this.script = script;
        this.heard = heard;
        this.ear = ear;
    }

    List<Stretch> stretches() {
        int n = script.size();
        int m = heard.size();
        int[] low = new int[n + 1];
        int[] high = new int[n + 1];
        windows(low, high);
        double[][] cost = new double[n + 1][];
        int[][] step = new int[n + 1][];
        for (int i = n; i >= 0; i--) {
            cost[i] = new double[high[i] - low[i] + 1];
            step[i] = new int[cost[i].length];
            Arrays.fill(cost[i], Double.POSITIVE_INFINITY);
            for (int j = high[i]; j >= low[i]; j--) {
                if (i == n && j == m) {
                    cost[i][j - low[i]] = 0;
                }
                for (int a = 0; a <= MOST_JOINED && i + a <= n; a++) {
                    for (int b = a == 0 ? 1 : 0; b <= (a <= 1 ? MOST_JOINED : 1) && j + b <= m; b++) {
                        if (j + b < low[i + a] || j + b > high[i + a]) {
                            continue;
                        }
                        double all = price(i, j, a, b) + cost[i + a][j + b - low[i + a]];
                        if (all < cost[i][j - low[i]]) {
                            cost[i][j - low[i]] = all;
                            step[i][j - low[i]] = a * (MOST_JOINED + 1) + b;
                        }
                    }
                }
            }
        }
        return trace(step, low);
    }

    /** Which heard words come into question beside each word of the script: those about its time. */
    private void windows(int[] low, int[] high) {
        int n = script.size();
        int m = heard.size();
        for (int i = 0; i <= n; i++) {
            int at = i == n ? Integer.MAX_VALUE / 2 : script.get(i).startMs();
            low[i] = i == 0 ? 0 : low[i - 1];
            while (low[i] < m && heard.get(low[i]).startMs() < at - WINDOW_MS) {
                low[i]++;
            }
            high[i] = i == 0 ? 0 : Math.max(high[i - 1], low[i]);
            while (high[i] < m && (i == n || heard.get(high[i]).startMs() < at + WINDOW_MS)) {
                high[i]++;
            }
        }
        // Each row reaches the next one's beginning, so that there is a way through.
        for (int i = 0; i < n; i++) {
            high[i] = Math.max(high[i], low[i + 1]);
        }
    }

    /** Of taking {@code a} words of the script and {@code b} heard ones together from here. */
    private double price(int i, int j, int a, int b) {
        if (a == 0 || b == 0) {
            return a + b == 1 ? LEFT_OUT : Double.POSITIVE_INFINITY;
        }
        if (!near(script.get(i), heard.get(j))) {
            return Double.POSITIVE_INFINITY;
        }
        double apart = ear.apart(texts(script, i, i + a), texts(heard, j, j + b));
        if (apart >= 1) {
            return Double.POSITIVE_INFINITY;
        }
        // Of two places for the same word the nearer one in time.
        double late = Math.abs(script.get(i).startMs() - heard.get(j).startMs());
        return apart + NEARER * Math.min(1, late / 500);
    }

    private static boolean near(Word a, Word b) {
        return Math.abs(a.startMs() - b.startMs()) < MOST_APART_MS;
    }

    private static List<String> texts(List<Word> words, int from, int to) {
        return words.subList(from, to).stream().map(Word::text).toList();
    }

    private List<Stretch> trace(int[][] step, int[] low) {
        List<Stretch> stretches = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < script.size() || j < heard.size()) {
            int a = step[i][j - low[i]] / (MOST_JOINED + 1);
            int b = step[i][j - low[i]] % (MOST_JOINED + 1);
            boolean same = a > 0 && b > 0;
            Stretch last = stretches.isEmpty() ? null : stretches.get(stretches.size() - 1);
            if (last != null && last.same() == same) {
                stretches.set(
                        stretches.size() - 1, new Stretch(same, last.fromScript(), i + a, last.fromHeard(), j + b));
            } else {
                stretches.add(new Stretch(same, i, i + a, j, j + b));
            }
            i += a;
            j += b;
        }
        return stretches;
    }
}
