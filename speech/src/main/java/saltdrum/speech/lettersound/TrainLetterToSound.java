package saltdrum.speech.lettersound;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.ArrayList;
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
        Grams grams = new Grams();
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
                grams.add(sequence);
            }
        }
        return grams.model(names);
    }
}
