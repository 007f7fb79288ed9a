package saltdrum.speech.lettersound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LetterToSoundTest {
    private final LetterToSound model = LetterToSound.shipped();

    @Test
    void inventedNamesAreSaidAsTheyAreSpelled() {
        assertThat(model.pronounce("tillerbee", 3))
                .anyMatch(way -> String.join(" ", way).startsWith("T IH L ER"));
        assertThat(model.pronounce("Marnfold", 3))
                .anyMatch(way -> way.equals(List.of("M", "AA", "R", "N", "F", "OW", "L", "D")));
    }

    @Test
    void whatHasNoLettersHasNoSound() {
        assertThat(model.pronounce("—", 3)).isEmpty();
        assertThat(model.pronounce("123", 3)).isEmpty();
    }

    /** What is taught with a tenth of the words is wrong oftener than what ships, and most of it is right all the same. */
    private static final boolean WHOLE = Boolean.getBoolean("long");

    /** Against words that were held back: the dictionary itself (CMU Pronouncing Dictionary) is the reference. */
    @Test
    void mostPhonesOfHeldBackWordsAreRight() {
        LetterToSound trained =
                TrainLetterToSound.train(word -> word.hashCode() % 20 != 0 && (WHOLE || word.hashCode() % 9 == 1));
        Map<String, Set<List<String>>> held = new HashMap<>();
        Dictionary.read((word, phones) -> {
            if (word.matches("[a-z]{4,12}") && word.hashCode() % 20 == 0 && held.size() < 800) {
                held.computeIfAbsent(word, w -> new HashSet<>()).add(List.of(phones.split(" ")));
            }
        });
        int errors = 0;
        int total = 0;
        for (Map.Entry<String, Set<List<String>>> entry : held.entrySet()) {
            List<List<String>> said = trained.pronounce(entry.getKey(), 1);
            List<String> way = said.isEmpty() ? List.of() : said.get(0);
            errors += entry.getValue().stream()
                    .mapToInt(truth -> distance(truth, way))
                    .min()
                    .orElseThrow();
            total += entry.getValue().iterator().next().size();
        }
        System.out.printf(
                "letter-to-sound: %.1f %% of phones wrong on %d held back words%n",
                100.0 * errors / total, held.size());
        assertThat((double) errors / total).isLessThan(WHOLE ? 0.12 : 0.2);
    }

    private static int distance(List<String> a, List<String> b) {
        int[] row = new int[b.size() + 1];
        for (int j = 0; j <= b.size(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.size(); i++) {
            int before = row[0];
            row[0] = i;
            for (int j = 1; j <= b.size(); j++) {
                int here = row[j];
                int change = before + (a.get(i - 1).equals(b.get(j - 1)) ? 0 : 1);
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
                before = here;
            }
        }
        return row[b.size()];
    }
}
