package saltdrum.core.merge;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.word.Tokens;

/** Aligns typed words with old ones: least edit distance on normalised text (Levenshtein 1966). */
public final class TokenAlignment {
    private TokenAlignment() {}

    /** An index into the old words and one into the typed; -1 where there is none. */
    public record Pair(int old, int typed) {}

    /** All words of both, in their order. */
    public static List<Pair> pairs(List<String> old, List<String> typed) {
        List<String> a = old.stream().map(Tokens::normalised).toList();
        List<String> b = typed.stream().map(Tokens::normalised).toList();
        double[][] cost = new double[a.size() + 1][b.size() + 1];
        for (int i = 0; i <= a.size(); i++) {
            for (int j = 0; j <= b.size(); j++) {
                if (i == 0 || j == 0) {
                    cost[i][j] = i + j;
                } else {
                    cost[i][j] = Math.min(
                            cost[i - 1][j - 1] + change(a.get(i - 1), b.get(j - 1)),
                            1 + Math.min(cost[i - 1][j], cost[i][j - 1]));
                }
            }
        }
        List<Pair> pairs = new ArrayList<>();
        int i = a.size();
        int j = b.size();
        while (i > 0 || j > 0) {
            if (i > 0 && j > 0 && cost[i][j] == cost[i - 1][j - 1] + change(a.get(i - 1), b.get(j - 1))) {
                pairs.add(0, new Pair(--i, --j));
            } else if (i > 0 && cost[i][j] == cost[i - 1][j] + 1) {
                pairs.add(0, new Pair(--i, -1));
            } else {
                pairs.add(0, new Pair(-1, --j));
            }
        }
        return pairs;
    }

    /** 0 for the same word, 0.5 to 1.5 for another: the more letters they share at the ends, the less. */
    private static double change(String a, String b) {
        if (a.equals(b)) {
            return 0;
        }
        int least = Math.min(a.length(), b.length());
        int head = 0;
        while (head < least && a.charAt(head) == b.charAt(head)) {
            head++;
        }
        int tail = 0;
        while (tail < least - head && a.charAt(a.length() - 1 - tail) == b.charAt(b.length() - 1 - tail)) {
            tail++;
        }
        return 1.5 - (double) (head + tail) / Math.max(a.length(), b.length());
    }
}
