package saltdrum.media.mp4;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Writes the tables of a track: ISO/IEC 14496-12, §8.6 and §8.7. */
final class SampleTableWriter {
    private SampleTableWriter() {}

    static Atom stsz(int[] sizes) {
        ByteBuffer body = ByteBuffer.allocate(12 + 4 * sizes.length);
        body.putInt(0).putInt(0).putInt(sizes.length);
        for (int size : sizes) {
            body.putInt(size);
        }
        return Atom.leaf("stsz", body.array());
    }

    static Atom stss(boolean[] keys) {
        int[] numbers = IntStream.range(0, keys.length).filter(i -> keys[i]).toArray();
        ByteBuffer body = ByteBuffer.allocate(8 + 4 * numbers.length);
        body.putInt(0).putInt(numbers.length);
        for (int number : numbers) {
            body.putInt(number + 1);
        }
        return Atom.leaf("stss", body.array());
    }

    /** @param offsets of the presentation from the decoding; none below 0 */
    static Atom ctts(long[] offsets) {
        List<int[]> runs = new ArrayList<>();
        for (long offset : offsets) {
            if (!runs.isEmpty() && runs.get(runs.size() - 1)[1] == offset) {
                runs.get(runs.size() - 1)[0]++;
            } else {
                runs.add(new int[] {1, (int) offset});
            }
        }
        ByteBuffer body = ByteBuffer.allocate(8 + 8 * runs.size());
        body.putInt(0).putInt(runs.size());
        runs.forEach(run -> body.putInt(run[0]).putInt(run[1]));
        return Atom.leaf("ctts", body.array());
    }

    /** Of as many chunks as there were, in the width that it had. */
    static Atom chunks(Atom stbl, long[] offsets) {
        boolean wide = stbl.has("co64");
        ByteBuffer body = ByteBuffer.allocate(8 + (wide ? 8 : 4) * offsets.length);
        body.putInt(0).putInt(offsets.length);
        for (long offset : offsets) {
            if (wide) {
                body.putLong(offset);
            } else if (offset > 0xffffffffL) {
                throw new NotJoinableException("it grew beyond four gigabytes");
            } else {
                body.putInt((int) offset);
            }
        }
        return Atom.leaf(wide ? "co64" : "stco", body.array());
    }

    static Atom co64(long[] offsets) {
        ByteBuffer body = ByteBuffer.allocate(8 + 8 * offsets.length);
        body.putInt(0).putInt(offsets.length);
        for (long offset : offsets) {
            body.putLong(offset);
        }
        return Atom.leaf("co64", body.array());
    }

    /** @param decoded rising times; the last sample takes as long as the one before */
    static Atom stts(long[] decoded) {
        List<int[]> runs = new ArrayList<>();
        for (int i = 0; i < decoded.length; i++) {
            int last = Math.max(1, Math.min(i + 1, decoded.length - 1));
            int step = decoded.length < 2 ? 1 : (int) (decoded[last] - decoded[last - 1]);
            if (!runs.isEmpty() && runs.get(runs.size() - 1)[1] == step) {
                runs.get(runs.size() - 1)[0]++;
            } else {
                runs.add(new int[] {1, step});
            }
        }
        ByteBuffer body = ByteBuffer.allocate(8 + 8 * runs.size());
        body.putInt(0).putInt(runs.size());
        runs.forEach(run -> body.putInt(run[0]).putInt(run[1]));
        return Atom.leaf("stts", body.array());
    }

    /** @param perChunk samples of each chunk */
    static Atom stsc(int[] perChunk) {
        ByteBuffer body = ByteBuffer.allocate(8 + 12 * perChunk.length);
        body.putInt(0).putInt(perChunk.length);
        for (int i = 0; i < perChunk.length; i++) {
            body.putInt(i + 1).putInt(perChunk[i]).putInt(1);
        }
        return Atom.leaf("stsc", body.array());
    }
}
