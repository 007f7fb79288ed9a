package saltdrum.speech.prepared;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;

/**
 * Lines of a key, a tab and a value, in the order of the keys' bytes: what belongs to a key is found by halving, and
 * nothing else is read.
 */
public final class SortedLines {
    private final byte[] lines;

    SortedLines(byte[] lines) {
        this.lines = lines;
    }

    /** @param name of a resource beside a class that the build has put there */
    public static SortedLines of(Class<?> beside, String name) {
        return new SortedLines(PreparedFile.bytes(beside, name));
    }

    /** What belongs to a key, in the order it was put in; empty for one that is not there. */
    public List<String> of(String key) {
        byte[] wanted = key.getBytes(StandardCharsets.UTF_8);
        int low = 0;
        int high = lines.length;
        while (low < high) {
            int line = lineAround(low + high >>> 1);
            if (compare(line, wanted) < 0) {
                low = next(line, '\n') + 1;
            } else {
                high = line;
            }
        }
        List<String> values = new ArrayList<>();
        for (int at = low; at < lines.length && compare(at, wanted) == 0; ) {
            int end = next(at, '\n');
            int value = at + wanted.length + 1;
            values.add(new String(lines, value, end - value, StandardCharsets.UTF_8));
            at = end + 1;
        }
        return values;
    }

    /** Where the line begins that this byte is in. */
    private int lineAround(int at) {
        int line = at;
        while (line > 0 && lines[line - 1] != '\n') {
            line--;
        }
        return line;
    }

    private int next(int from, char wanted) {
        int at = from;
        while (lines[at] != wanted) {
            at++;
        }
        return at;
    }

    private int compare(int line, byte[] key) {
        return Arrays.compareUnsigned(lines, line, next(line, '\t'), key, 0, key.length);
    }

    /** Puts lines in order; the same value is kept once for a key. */
    public static final class Sorting {
        private final TreeMap<byte[], Set<String>> values = new TreeMap<>(Arrays::compareUnsigned);

        public void put(String key, String value) {
            values.computeIfAbsent(key.getBytes(StandardCharsets.UTF_8), k -> new LinkedHashSet<>())
                    .add(value);
        }

        public byte[] lines() {
            ByteArrayOutputStream lines = new ByteArrayOutputStream();
            values.forEach((key, all) -> all.forEach(value -> {
                lines.writeBytes(key);
                lines.writeBytes(("\t" + value + "\n").getBytes(StandardCharsets.UTF_8));
            }));
            return lines.toByteArray();
        }
    }
}
