package saltdrum.speech.align;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * The starts of words and silences on every open path. Entries that no open path refers to are removed, so that memory
 * grows with the words of the script and not with the length of the sound.
 */
final class Traceback {
    static final int NONE = -1;

    private static final int LEAST_ROOM = 1 << 14;

    /** @param log the path's score before the entry */
    record Entry(int segment, int frame, double log) {}

    private int[] parent = new int[LEAST_ROOM];
    private int[] segment = new int[LEAST_ROOM];
    private int[] frame = new int[LEAST_ROOM];
    private double[] log = new double[LEAST_ROOM];
    private int count;
    private int sweepAt = LEAST_ROOM;

    /** @return the new entry's number, higher than its parent's */
    int add(int parentEntry, Entry entry) {
        if (count == parent.length) {
            parent = Arrays.copyOf(parent, count * 2);
            segment = Arrays.copyOf(segment, count * 2);
            frame = Arrays.copyOf(frame, count * 2);
            log = Arrays.copyOf(log, count * 2);
        }
        parent[count] = parentEntry;
        segment[count] = entry.segment();
        frame[count] = entry.frame();
        log[count] = entry.log();
        return count++;
    }

    /** Sweeps when there is much to sweep; the open paths' last entries get their new numbers in place. */
    void sweep(int[] last, int[] openStates, int open) {
        if (count < sweepAt) {
            return;
        }
        int[] number = new int[count];
        Arrays.fill(number, NONE);
        for (int a = 0; a < open; a++) {
            for (int e = last[openStates[a]]; e >= 0 && number[e] == NONE; e = parent[e]) {
                number[e] = 0;
            }
        }
        int kept = 0;
        for (int e = 0; e < count; e++) {
            if (number[e] != NONE) {
                number[e] = kept;
                parent[kept] = parent[e] < 0 ? NONE : number[parent[e]];
                segment[kept] = segment[e];
                frame[kept] = frame[e];
                log[kept] = log[e];
                kept++;
            }
        }
        for (int a = 0; a < open; a++) {
            last[openStates[a]] = number[last[openStates[a]]];
        }
        count = kept;
        sweepAt = Math.max(LEAST_ROOM, 2 * kept);
    }

    /** The entries of a path, first to last. */
    List<Entry> path(int lastEntry) {
        List<Entry> path = new ArrayList<>();
        for (int e = lastEntry; e >= 0; e = parent[e]) {
            path.add(new Entry(segment[e], frame[e], log[e]));
        }
        Collections.reverse(path);
        return path;
    }

    int size() {
        return count;
    }
}
