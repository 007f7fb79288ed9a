package saltdrum.cli.bench.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.spoken.SpokenForm;
import saltdrum.core.word.Tokens;

/**
 * Words wrong, left out and too many, in the least number that makes one text of the other, over the words said. Both
 * sides are brought to one way of writing: numbers and units as spoken words, lower case, no punctuation, hyphens apart,
 * British and American spellings of the same word alike.
 */
final class WordError {
    private static final Map<String, String> SPELLINGS = Map.ofEntries(
            Map.entry("litre", "liter"),
            Map.entry("litres", "liters"),
            Map.entry("metre", "meter"),
            Map.entry("metres", "meters"),
            Map.entry("practise", "practice"),
            Map.entry("colour", "color"),
            Map.entry("grey", "gray"),
            Map.entry("harbour", "harbor"),
            Map.entry("mr", "mister"),
            Map.entry("mrs", "missus"),
            Map.entry("ok", "okay"),
            Map.entry("ones", "one's"));

    private final SpokenForm spokenForm = new SpokenForm();
    private final List<double[]> counted = new ArrayList<>();

    List<String> spoken(List<String> written) {
        return written.stream()
                .flatMap(word -> List.of(word.split("(?<=\\p{L})[-–](?=\\p{L})")).stream())
                .flatMap(word -> spokenForm.of(word).stream())
                .flatMap(word -> List.of(word.split("-")).stream())
                .map(Tokens::normalised)
                .filter(word -> !word.isEmpty())
                .map(word -> SPELLINGS.getOrDefault(word, word))
                .toList();
    }

    /** Counts one recording. */
    void add(List<String> said, List<String> heard) {
        counted.add(new double[] {
            distance(spoken(said), spoken(heard)), spoken(said).size()
        });
    }

    int words() {
        return (int) counted.stream().mapToDouble(c -> c[1]).sum();
    }

    double percent() {
        return percent(counted);
    }

    /** Of 95 in 100 draws of as many recordings from these, by chance and with replacement (bootstrap). */
    String interval() {
        Random random = new Random(3);
        double[] draws = new double[1000];
        for (int d = 0; d < draws.length; d++) {
            List<double[]> drawn = new ArrayList<>();
            for (int i = 0; i < counted.size(); i++) {
                drawn.add(counted.get(random.nextInt(counted.size())));
            }
            draws[d] = percent(drawn);
        }
        return String.format(
                java.util.Locale.ROOT,
                "95 %% interval %.1f to %.1f",
                BenchReport.quantile(draws, 0.025),
                BenchReport.quantile(draws, 0.975));
    }

    private static double percent(List<double[]> counted) {
        return 100
                * counted.stream().mapToDouble(c -> c[0]).sum()
                / Math.max(1, counted.stream().mapToDouble(c -> c[1]).sum());
    }

    private static int distance(List<String> said, List<String> heard) {
        int[] row = new int[heard.size() + 1];
        for (int j = 0; j < row.length; j++) {
            row[j] = j;
        }
        for (int i = 1; i <= said.size(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= heard.size(); j++) {
                int change = diagonal + (said.get(i - 1).equals(heard.get(j - 1)) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[heard.size()];
    }
}
