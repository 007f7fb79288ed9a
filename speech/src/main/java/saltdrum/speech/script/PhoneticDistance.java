package saltdrum.speech.script;

import java.util.List;
import java.util.Map;

/** The phonetic distance of two words: phones that are changed, inserted or deleted. */
public final class PhoneticDistance {
    /** Phones that are taken for one another, and the voicing or rounding that makes the difference: half a change. */
    private static final List<String> ALIKE = List.of(
            "P B", "T D", "K G", "F V", "S Z", "SH ZH", "CH JH", "TH DH", "M N", "N NG", "L R", "W V", "TH F", "DH D",
            "T CH", "IH IY", "EH AE", "EH IH", "AA AO", "AO OW", "AH AA", "AH EH", "AH IH", "UH UW", "ER AH", "ER R",
            "AE AA", "AY AA", "EY EH", "EY IY", "OY AO", "AW AA", "AH ER", "AH UH", "OW UW");

    private PhoneticDistance() {}

    /**
     * The least distance between any two ways to say each.
     *
     * @return 0 for the same, 1 for nothing alike, relative to the longer one
     */
    public static double distance(List<List<String>> a, List<List<String>> b) {
        double least = 1;
        for (List<String> one : a) {
            for (List<String> other : b) {
                least = Math.min(least, apart(one, other) / Math.max(1, Math.max(one.size(), other.size())));
            }
        }
        return least;
    }

    /** One of two ways to say it is compared with all the words in a row. */
    public static List<List<String>> joined(List<List<List<String>>> words) {
        List<List<String>> ways = List.of(List.of());
        for (List<List<String>> word : words) {
            List<List<String>> more = new java.util.ArrayList<>();
            for (List<String> before : ways) {
                for (List<String> way : word) {
                    if (more.size() < 16) {
                        more.add(java.util.stream.Stream.concat(before.stream(), way.stream())
                                .toList());
                    }
                }
            }
            ways = more;
        }
        return ways;
    }

    private static double apart(List<String> a, List<String> b) {
        double[] row = new double[b.size() + 1];
        for (int j = 0; j < row.length; j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.size(); i++) {
            double diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.size(); j++) {
                double change = diagonal + change(a.get(i - 1), b.get(j - 1));
                diagonal = row[j];
                row[j] = Math.min(change, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[b.size()];
    }

    private static final Map<String, Double> CHANGES = changes();

    private static Map<String, Double> changes() {
        Map<String, Double> changes = new java.util.HashMap<>();
        for (String pair : ALIKE) {
            String[] two = pair.split(" ");
            changes.put(two[0] + " " + two[1], 0.5);
            changes.put(two[1] + " " + two[0], 0.5);
        }
        return changes;
    }

    private static double change(String a, String b) {
        return a.equals(b) ? 0 : CHANGES.getOrDefault(a + " " + b, 1.0);
    }
}
