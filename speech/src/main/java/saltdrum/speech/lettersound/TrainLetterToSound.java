package saltdrum.speech.lettersound;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** Trains the letter-to-sound model from the dictionary; run by the build. */
public final class TrainLetterToSound {
    /** Beside this class. */
    public static final String MODEL = "en.graphones";

    private static final int ROUNDS = 5;
    private static final int MOST_GRAPHONES = (1 << LetterToSound.BITS) - 1;

    private TrainLetterToSound() {}

    /** What ships, as {@link LetterToSound} reads it. */
    public static byte[] model() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        train(word -> true).write(new DataOutputStream(bytes));
        return bytes.toByteArray();
    }

    /** @param used says which words may be learnt from, so that a test can hold some back */
    static LetterToSound train(Predicate<String> used) {
        List<Graphones.Spelled> words = new ArrayList<>();
        Dictionary.read((word, phones) -> {
            if (word.matches("[a-z']{2,24}") && used.test(word)) {
                words.add(new Graphones.Spelled(word, phones.split(" ")));
            }
        });
        Graphones graphones = new Graphones();
        // Every third word is plenty to learn which letters go with which phones.
        List<Graphones.Spelled> sample = new ArrayList<>();
        for (int i = 0; i < words.size(); i += 3) {
            sample.add(words.get(i));
        }
        graphones.learn(sample, ROUNDS);
        Map<String, Integer> ids = new HashMap<>();
        List<String> names = new ArrayList<>(List.of(""));
        Map<Long, int[]> grams = new HashMap<>();
        for (Graphones.Spelled word : words) {
            List<String> pairs = graphones.pairing(word);
            if (pairs == null) {
                continue;
            }
            int[] sequence = new int[pairs.size() + 2];
            boolean known = true;
            for (int i = 0; i < pairs.size(); i++) {
                Integer id = ids.get(pairs.get(i));
                if (id == null && names.size() < MOST_GRAPHONES) {
                    id = names.size();
                    ids.put(pairs.get(i), id);
                    names.add(pairs.get(i));
                }
                known &= id != null;
                sequence[i + 1] = id == null ? 0 : id;
            }
            if (known) {
                countGrams(sequence, grams);
            }
        }
        return made(names, grams);
    }

    private static void countGrams(int[] sequence, Map<Long, int[]> grams) {
        for (int end = 1; end < sequence.length; end++) {
            for (int n = 1; n <= LetterToSound.ORDER && end - n + 1 >= 0; n++) {
                int[] entry =
                        grams.computeIfAbsent(LetterToSound.pack(sequence, end - n + 1, end + 1), k -> new int[3]);
                int[] history = grams.computeIfAbsent(LetterToSound.pack(sequence, end - n + 1, end), k -> new int[3]);
                history[1]++;
                history[2] += entry[0] == 0 ? 1 : 0;
                entry[0]++;
            }
        }
    }

    private static LetterToSound made(List<String> names, Map<Long, int[]> grams) {
        // Long n-grams seen once carry little and are most of the size.
        grams.entrySet().removeIf(e -> (e.getKey() & 7) == LetterToSound.ORDER && e.getValue()[0] < 2);
        long[] keys = grams.keySet().stream().mapToLong(Long::longValue).toArray();
        Arrays.sort(keys);
        int[][] columns = new int[3][keys.length];
        for (int i = 0; i < keys.length; i++) {
            int[] entry = grams.get(keys[i]);
            for (int c = 0; c < 3; c++) {
                columns[c][i] = entry[c];
            }
        }
        return new LetterToSound(names.toArray(String[]::new), keys, columns[0], columns[1], columns[2]);
    }
}
