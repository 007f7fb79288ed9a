package saltdrum.speech.lettersound;

import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.IntBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.speech.prepared.PreparedFile;

/**
 * Says how a spelled word sounds: the likeliest sequences of graphones under a back-off n-gram (Witten-Bell smoothing,
 * IEEE Trans. Information Theory 37, 1991), found by a beam search over the letters.
 */
public final class LetterToSound {
    static final int ORDER = 5;
    static final int BITS = 11;
    private static final int BEAM = 60;
    /** Id 0 marks the word's edges. */
    private static final int EDGE = 0;

    private final String[] names;
    private final long[] keys;
    private final int[] counts;
    private final int[] followers;
    private final int[] kinds;
    private final Map<String, List<Integer>> byLetters = new HashMap<>();

    /**
     * @param names of graphones by id; 0 is the edge
     * @param keys packed n-grams, sorted; see {@link #pack}
     * @param counts times each was seen
     * @param followers times something followed it
     * @param kinds different graphones that followed it
     */
    LetterToSound(String[] names, long[] keys, int[] counts, int[] followers, int[] kinds) {
        this.names = names;
        this.keys = keys;
        this.counts = counts;
        this.followers = followers;
        this.kinds = kinds;
        for (int id = 1; id < names.length; id++) {
            byLetters
                    .computeIfAbsent(names[id].substring(0, names[id].indexOf(':')), k -> new ArrayList<>())
                    .add(id);
        }
    }

    private static final class Holder {
        static final LetterToSound SHIPPED = read(PreparedFile.bytes(LetterToSound.class, TrainLetterToSound.MODEL));
    }

    public static LetterToSound shipped() {
        return Holder.SHIPPED;
    }

    /** n graphone ids, oldest first, and n itself in the lowest bits. */
    static long pack(int[] ids, int from, int to) {
        long key = 0;
        for (int i = from; i < to; i++) {
            key = key << BITS | ids[i];
        }
        return key << 3 | to - from;
    }

    private record Path(int letters, int[] ids, double cost) {}

    /** Up to {@code most} ways to say it, likeliest first; empty for a word without letters a to z. */
    public List<List<String>> pronounce(String word, int most) {
        String letters = word.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z']", "");
        if (!letters.matches(".*[a-z].*") || letters.length() > 60) {
            return List.of();
        }
        List<List<Path>> reached = new ArrayList<>();
        for (int i = 0; i <= letters.length(); i++) {
            reached.add(new ArrayList<>());
        }
        reached.get(0).add(new Path(0, new int[] {EDGE}, 0));
        for (int at = 0; at < letters.length(); at++) {
            List<Path> here = reached.get(at);
            here.sort(Comparator.comparingDouble(Path::cost));
            for (Path path : here.subList(0, Math.min(BEAM, here.size()))) {
                for (int a = 1; a <= Graphones.MOST_LETTERS && at + a <= letters.length(); a++) {
                    for (int id : byLetters.getOrDefault(letters.substring(at, at + a), List.of())) {
                        int[] ids = Arrays.copyOf(path.ids, path.ids.length + 1);
                        ids[ids.length - 1] = id;
                        reached.get(at + a).add(new Path(at + a, ids, path.cost + cost(ids)));
                    }
                }
            }
        }
        List<Path> ends = reached.get(letters.length()).stream()
                .map(path -> {
                    int[] ids = Arrays.copyOf(path.ids, path.ids.length + 1);
                    return new Path(path.letters, path.ids, path.cost + cost(ids));
                })
                .sorted(Comparator.comparingDouble(Path::cost))
                .toList();
        Set<List<String>> ways = new LinkedHashSet<>();
        for (Path path : ends) {
            List<String> phones = phones(path.ids);
            if (!phones.isEmpty() && ways.size() < most && path.cost < ends.get(0).cost + 4) {
                ways.add(phones);
            }
        }
        return List.copyOf(ways);
    }

    private List<String> phones(int[] ids) {
        List<String> phones = new ArrayList<>();
        for (int id : ids) {
            if (id != EDGE) {
                String said = names[id].substring(names[id].indexOf(':') + 1);
                if (!said.isEmpty()) {
                    phones.addAll(List.of(said.split("_")));
                }
            }
        }
        return phones;
    }

    /** Minus log probability of the last id after those before it. */
    private double cost(int[] ids) {
        int last = ids.length - 1;
        double p = 1.0 / names.length;
        for (int n = 1; n <= ORDER && n <= ids.length; n++) {
            int history = n == 1
                    ? Arrays.binarySearch(keys, pack(ids, 0, 0))
                    : Arrays.binarySearch(keys, pack(ids, last - n + 1, last));
            if (history < 0 || followers[history] == 0) {
                break;
            }
            int whole = Arrays.binarySearch(keys, pack(ids, last - n + 1, last + 1));
            double seen = whole < 0 ? 0 : counts[whole];
            p = (seen + kinds[history] * p) / (followers[history] + kinds[history]);
        }
        return -Math.log(p);
    }

    void write(DataOutputStream out) throws IOException {
        out.writeInt(names.length);
        for (String name : names) {
            out.writeByte(name.length());
            out.writeBytes(name);
        }
        out.writeInt(keys.length);
        for (long key : keys) {
            out.writeLong(key);
        }
        for (int[] column : List.of(counts, followers, kinds)) {
            for (int count : column) {
                out.writeInt(count);
            }
        }
    }

    /** Columns are copied in bulk: reading them number by number would add a second to each start. */
    static LetterToSound read(byte[] model) {
        ByteBuffer columns = ByteBuffer.wrap(model);
        String[] names = new String[columns.getInt()];
        for (int i = 0; i < names.length; i++) {
            byte[] name = new byte[columns.get()];
            columns.get(name);
            names[i] = new String(name, StandardCharsets.US_ASCII);
        }
        int size = columns.getInt();
        long[] keys = new long[size];
        columns.asLongBuffer().get(keys);
        columns.position(columns.position() + Long.BYTES * size);
        int[][] counts = new int[3][size];
        IntBuffer rest = columns.asIntBuffer();
        for (int[] column : counts) {
            rest.get(column);
        }
        return new LetterToSound(names, keys, counts[0], counts[1], counts[2]);
    }
}
