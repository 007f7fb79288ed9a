package saltdrum.speech.lettersound;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Pairs of one or two letters with up to two phones, and how likely each is, learnt from spelled words and their
 * sounds by expectation maximisation (the joint-sequence model of Bisani and Ney, Speech Communication 50, 2008).
 */
final class Graphones {
    static final int MOST_LETTERS = 2;
    static final int MOST_PHONES = 2;

    /** One training word: letters, phones. */
    record Spelled(String letters, String[] phones) {}

    private Map<String, Double> probability = new HashMap<>();

    static String name(String letters, String[] phones, int from, int to) {
        StringBuilder name = new StringBuilder(letters).append(':');
        for (int i = from; i < to; i++) {
            name.append(i > from ? "_" : "").append(phones[i]);
        }
        return name.toString();
    }

    void learn(List<Spelled> words, int rounds) {
        for (int round = 0; round < rounds; round++) {
            Map<String, double[]> counts = new HashMap<>();
            for (Spelled word : words) {
                count(word, counts);
            }
            double total = counts.values().stream().mapToDouble(c -> c[0]).sum();
            Map<String, Double> next = new HashMap<>();
            counts.forEach((name, c) -> {
                if (c[0] > 3) {
                    next.put(name, c[0] / total);
                }
            });
            probability = next;
        }
    }

    private double likely(String name, int letters, int phones) {
        if (probability.isEmpty()) {
            return letters == 1 && phones == 1 ? 0.5 : phones == 0 ? 0.05 : 0.02;
        }
        return probability.getOrDefault(name, 0.0);
    }

    private void count(Spelled word, Map<String, double[]> counts) {
        int n = word.letters.length();
        int m = word.phones.length;
        double[][] forward = new double[n + 1][m + 1];
        double[][] backward = new double[n + 1][m + 1];
        forward[0][0] = 1;
        backward[n][m] = 1;
        for (int i = 0; i <= n; i++) {
            for (int j = 0; j <= m; j++) {
                if (forward[i][j] == 0) {
                    continue;
                }
                for (int a = 1; a <= MOST_LETTERS && i + a <= n; a++) {
                    for (int b = 0; b <= MOST_PHONES && j + b <= m; b++) {
                        String name = name(word.letters.substring(i, i + a), word.phones, j, j + b);
                        forward[i + a][j + b] += forward[i][j] * likely(name, a, b);
                    }
                }
            }
        }
        double whole = forward[n][m];
        if (whole <= 0) {
            return;
        }
        for (int i = n; i >= 0; i--) {
            for (int j = m; j >= 0; j--) {
                for (int a = 1; a <= MOST_LETTERS && i + a <= n; a++) {
                    for (int b = 0; b <= MOST_PHONES && j + b <= m; b++) {
                        if (backward[i + a][j + b] == 0) {
                            continue;
                        }
                        String name = name(word.letters.substring(i, i + a), word.phones, j, j + b);
                        double p = likely(name, a, b) * backward[i + a][j + b];
                        backward[i][j] += p;
                        double share = forward[i][j] * p / whole;
                        if (share > 1e-6) {
                            counts.computeIfAbsent(name, k -> new double[1])[0] += share;
                        }
                    }
                }
            }
        }
    }

    /** The likeliest pairing of a training word, or null when none is known. */
    List<String> pairing(Spelled word) {
        int n = word.letters.length();
        int m = word.phones.length;
        double[][] best = new double[n + 1][m + 1];
        String[][] by = new String[n + 1][m + 1];
        int[][] from = new int[n + 1][m + 1];
        best[0][0] = 1;
        for (int i = 0; i <= n; i++) {
            for (int j = 0; j <= m; j++) {
                if (best[i][j] == 0) {
                    continue;
                }
                for (int a = 1; a <= MOST_LETTERS && i + a <= n; a++) {
                    for (int b = 0; b <= MOST_PHONES && j + b <= m; b++) {
                        String name = name(word.letters.substring(i, i + a), word.phones, j, j + b);
                        double p = best[i][j] * probability.getOrDefault(name, 0.0);
                        if (p > best[i + a][j + b]) {
                            best[i + a][j + b] = p;
                            by[i + a][j + b] = name;
                            from[i + a][j + b] = i * 1000 + j;
                        }
                    }
                }
            }
        }
        if (best[n][m] == 0) {
            return null;
        }
        List<String> pairs = new ArrayList<>();
        for (int at = n * 1000 + m; at > 0; at = from[at / 1000][at % 1000]) {
            pairs.add(0, by[at / 1000][at % 1000]);
        }
        return pairs;
    }
}
