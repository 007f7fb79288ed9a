package saltdrum.media.mp4;

import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * The samples of one track in their decoding order: ISO/IEC 14496-12, §8.6 and §8.7.
 *
 * @param sizes bytes of each
 * @param offsets where in the file each begins
 * @param decoded decoding time of each, ticks from 0
 * @param shown presentation time of each, ticks
 * @param keys whether a player can begin with it
 * @param perChunk samples of each chunk
 */
record SampleTable(int[] sizes, long[] offsets, long[] decoded, long[] shown, boolean[] keys, int[] perChunk) {
    private static final int MOST = 20_000_000;

    int count() {
        return sizes.length;
    }

    static SampleTable of(Atom stbl) {
        int[] sizes = sizes(body(stbl, "stsz"));
        long[] chunks = chunks(stbl);
        int[] perChunk = perChunk(body(stbl, "stsc"), chunks.length);
        if (IntStream.of(perChunk).asLongStream().sum() != sizes.length) {
            throw new NotJoinableException("its chunks hold another number of samples than there are sizes");
        }
        long[] offsets = new long[sizes.length];
        int sample = 0;
        for (int chunk = 0; chunk < chunks.length; chunk++) {
            long at = chunks[chunk];
            for (int i = 0; i < perChunk[chunk]; i++) {
                offsets[sample] = at;
                at += Integer.toUnsignedLong(sizes[sample++]);
            }
        }
        long[] decoded = decoded(body(stbl, "stts"), sizes.length);
        long[] shown = decoded.clone();
        if (stbl.has("ctts")) {
            addOffsets(body(stbl, "ctts"), shown);
        }
        boolean[] keys = new boolean[sizes.length];
        if (stbl.has("stss")) {
            ByteBuffer list = body(stbl, "stss");
            for (int left = list.getInt(); left > 0; left--) {
                keys[list.getInt() - 1] = true;
            }
        } else {
            Arrays.fill(keys, true);
        }
        return new SampleTable(sizes, offsets, decoded, shown, keys, perChunk);
    }

    /** After version and flags. */
    private static ByteBuffer body(Atom stbl, String type) {
        return ByteBuffer.wrap(stbl.child(type).bytes()).position(4);
    }

    private static int count(ByteBuffer from) {
        int count = from.getInt();
        if (count < 0 || count > MOST) {
            throw new NotJoinableException("it counts " + Integer.toUnsignedString(count) + " entries");
        }
        return count;
    }

    private static int[] sizes(ByteBuffer stsz) {
        int all = stsz.getInt();
        int[] sizes = new int[count(stsz)];
        for (int i = 0; i < sizes.length; i++) {
            sizes[i] = all == 0 ? stsz.getInt() : all;
        }
        return sizes;
    }

    static long[] chunks(Atom stbl) {
        boolean wide = stbl.has("co64");
        ByteBuffer list = body(stbl, wide ? "co64" : "stco");
        long[] chunks = new long[count(list)];
        for (int i = 0; i < chunks.length; i++) {
            chunks[i] = wide ? list.getLong() : Integer.toUnsignedLong(list.getInt());
        }
        return chunks;
    }

    private static int[] perChunk(ByteBuffer stsc, int chunks) {
        int[] perChunk = new int[chunks];
        int from = 0;
        int samples = 0;
        for (int left = count(stsc); left > 0; left--) {
            int next = stsc.getInt() - 1;
            Arrays.fill(perChunk, from, Math.min(next, chunks), samples);
            from = next;
            samples = stsc.getInt();
            stsc.getInt();
        }
        Arrays.fill(perChunk, Math.min(from, chunks), chunks, samples);
        return perChunk;
    }

    private static long[] decoded(ByteBuffer stts, int samples) {
        long[] times = new long[samples];
        long now = 0;
        int at = 0;
        for (int left = count(stts); left > 0; left--) {
            int run = stts.getInt();
            long step = Integer.toUnsignedLong(stts.getInt());
            for (int i = 0; i < run && at < samples; i++) {
                times[at++] = now;
                now += step;
            }
        }
        if (at != samples) {
            throw new NotJoinableException("it has times for " + at + " of " + samples + " samples");
        }
        return times;
    }

    private static void addOffsets(ByteBuffer ctts, long[] times) {
        int at = 0;
        for (int left = count(ctts); left > 0; left--) {
            int run = ctts.getInt();
            int offset = ctts.getInt();
            for (int i = 0; i < run && at < times.length; i++) {
                times[at++] += offset;
            }
        }
    }
}
