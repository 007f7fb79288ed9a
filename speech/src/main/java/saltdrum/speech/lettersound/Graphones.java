package saltdrum.speech.lettersound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Pairs of one or two letters with up to two phones, with their probabilities. They are learnt from spelled words and their
 * sounds by expectation maximisation (the joint-sequence model of Bisani and Ney, Speech Communication 50, 2008).
 */
final class Graphones {
    static final int MOST_LETTERS = 2;
    static final int MOST_PHONES = 2;

    /** Letters and phones have numbers from 1 on; 0 is none. */
    private static final int LETTERS = 28;

    private static final int PHONES = 64;
    private static final int PAIRS = LETTERS * LETTERS * PHONES * PHONES;
    private static final double LEAST_COUNT = 3;
    private static final double LEAST_SHARE = 1e-6;

    /** One training word: letters from a to z and apostrophes, phones. */
    record Spelled(String letters, String[] phones) {}

    private final Map<String, Integer> numbers = new HashMap<>();
    /** By pair; null before anything is learnt. */
    private double[] probability;

    private static int letter(char letter) {
        return letter == '\'' ? LETTERS - 1 : letter - 'a' + 1;
    }

    private int phone(String phone) {
        Integer number = numbers.get(phone);
        if (number == null) {
            number = numbers.size() + 1;
            if (number == PHONES) {
                throw new IllegalArgumentException("more than " + (PHONES - 1) + " phones");
            }
            numbers.put(phone, number);
        }
        return number;
    }

    /** A word as numbers. */
    private final class Numbered {
        final int[] letters;
        final int[] phones;

        Numbered(Spelled word) {
            letters = word.letters.chars().map(letter -> letter((char) letter)).toArray();
            phones = Arrays.stream(word.phones).mapToInt(Graphones.this::phone).toArray();
        }

        /** Of {@code a} letters from {@code i} on and {@code b} phones from {@code j} on. */
        int pair(int i, int a, int j, int b) {
            int spelled = letters[i] * LETTERS + (a > 1 ? letters[i + 1] : 0);
            int said = b == 0 ? 0 : phones[j] * PHONES + (b > 1 ? phones[j + 1] : 0);
            return spelled * PHONES * PHONES + said;
        }
    }

    private String name(Spelled word, int i, int a, int j, int b) {
        return word.letters.substring(i, i + a) + ":" + String.join("_", Arrays.copyOfRange(word.phones, j, j + b));
    }

    void learn(List<Spelled> words, int rounds) {
        List<Numbered> numbered = words.stream().map(Numbered::new).toList();
        for (int round = 0; round < rounds; round++) {
            double[] counts = new double[PAIRS];
            for (Numbered word : numbered) {
                count(word, counts);
            }
            double total = Arrays.stream(counts).sum();
            for (int pair = 0; pair < PAIRS; pair++) {
                counts[pair] = counts[pair] > LEAST_COUNT ? counts[pair] / total : 0;
            }
            probability = counts;
        }
    }

    private double likely(int pair, int letters, int phones) {
        if (probability == null) {
            return letters == 1 && phones == 1 ? 0.5 : phones == 0 ? 0.05 : 0.02;
        }
        return probability[pair];
    }

    private void count(Numbered word, double[] counts) {
        int n = word.letters.length;
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
                        forward[i + a][j + b] += forward[i][j] * likely(word.pair(i, a, j, b), a, b);
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
                        int pair = word.pair(i, a, j, b);
                        double p = likely(pair, a, b) * backward[i + a][j + b];
                        backward[i][j] += p;
                        double share = forward[i][j] * p / whole;
                        if (share > LEAST_SHARE) {
                            counts[pair] += share;
                        }
                    }
                }
            }
        }
    }

    /** The likeliest pairing of a training word, or null when none is known. */
    List<String> pairing(Spelled spelled) {
        Numbered word = new Numbered(spelled);
        int n = word.letters.length;
        int m = word.phones.length;
        double[][] best = new double[n + 1][m + 1];
        int[][] letters = new int[n + 1][m + 1];
        int[][] phones = new int[n + 1][m + 1];
        best[0][0] = 1;
        for (int i = 0; i <= n; i++) {
            for (int j = 0; j <= m; j++) {
                if (best[i][j] == 0) {
                    continue;
                }
                for (int a = 1; a <= MOST_LETTERS && i + a <= n; a++) {
                    for (int b = 0; b <= MOST_PHONES && j + b <= m; b++) {
                        double p = best[i][j] * probability[word.pair(i, a, j, b)];
                        if (p > best[i + a][j + b]) {
                            best[i + a][j + b] = p;
                            letters[i + a][j + b] = a;
                            phones[i + a][j + b] = b;
                        }
                    }
                }
            }
        }
        if (best[n][m] == 0) {
            return null;
        }
        List<String> pairs = new ArrayList<>();
        int i = n;
        int j = m;
        while (i > 0 || j > 0) {
            int a = letters[i][j];
            int b = phones[i][j];
            i -= a;
            j -= b;
            pairs.add(0, name(spelled, i, a, j, b));
        }
        return pairs;
    }
}
