package saltdrum.media.mp4;

import java.io.IOException;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;

/**
 * Reads the presentation times of the frames of an MP4 or MOV file from its tables: ISO/IEC 14496-12, §8.6. Only of
 * files that are plain: one picture, no fragments, and at most one edit, which shows all of it from its first frame on.
 *
 * @param ticks a second
 * @param shown when each frame is, ticks, rising
 */
public record FilmTimes(long ticks, long[] shown) {
    /** Half an hour of 240 frames a second. */
    private static final int MOST_FRAMES = 432_000;

    private static final int LARGEST_HEAD = 1 << 24;
    private static final int WHOLE_SPEED = 0x10000;

    /** Empty for a file that is not plain, or no such file at all: others have to look at it. */
    public static Optional<FilmTimes> of(Path file) throws IOException {
        try (Film film = Film.open(file, LARGEST_HEAD)) {
            if (film.moov.has("mvex")) {
                return Optional.empty();
            }
            Atom track = film.video();
            Frames frames = frames(Film.tables(track));
            long[] sorted = frames.shown.clone();
            Arrays.sort(sorted);
            long begin = begin(film.moov, track, sorted, frames.end);
            if (sorted.length == 0 || begin != sorted[0]) {
                return Optional.empty();
            }
            for (int i = 0; i < sorted.length; i++) {
                sorted[i] -= begin;
            }
            return Optional.of(new FilmTimes(Film.ticks(track), sorted));
        } catch (NotJoinableException
                | BufferUnderflowException
                | IndexOutOfBoundsException
                | IllegalArgumentException notPlain) {
            return Optional.empty();
        }
    }

    private static ByteBuffer body(Atom box) {
        return ByteBuffer.wrap(box.bytes()).position(4);
    }

    private static NotJoinableException odd(String what) {
        return new NotJoinableException("its " + what + " are not plain");
    }

    /**
     * @param shown in decoding order, ticks of media time
     * @param end when the last frame ends whose length in decoding is the time to another
     */
    private record Frames(long[] shown, long end) {}

    private static Frames frames(Atom tables) {
        ByteBuffer stsz = body(tables.child("stsz"));
        stsz.getInt();
        int frames = stsz.getInt();
        if (frames < 0 || frames > MOST_FRAMES) {
            throw odd("sizes");
        }
        long[] shown = new long[frames];
        int[] steps = new int[frames];
        ByteBuffer stts = body(tables.child("stts"));
        int at = 0;
        long now = 0;
        for (int left = stts.getInt(); left > 0; left--) {
            int run = stts.getInt();
            int step = stts.getInt();
            if (run < 0 || run > frames - at || step <= 0 && at + run < frames) {
                throw odd("times");
            }
            for (int i = 0; i < run; i++) {
                steps[at] = step;
                shown[at++] = now;
                now += step;
            }
        }
        if (at != frames) {
            throw odd("times");
        }
        if (tables.has("ctts")) {
            addOffsets(body(tables.child("ctts")), shown);
        }
        long end = 0;
        for (int i = 0; i < frames - 1; i++) {
            end = Math.max(end, shown[i] + steps[i]);
        }
        return new Frames(shown, end);
    }

    private static void addOffsets(ByteBuffer ctts, long[] shown) {
        int at = 0;
        for (int left = ctts.getInt(); left > 0; left--) {
            int run = ctts.getInt();
            int offset = ctts.getInt();
            if (run < 0 || run > shown.length - at) {
                throw odd("offsets");
            }
            for (int i = 0; i < run; i++) {
                shown[at++] += offset;
            }
        }
    }

    /** The media time shown first; an edit list counts only if it hides no frame. */
    private static long begin(Atom moov, Atom track, long[] sorted, long end) {
        if (!track.has("edts")) {
            return 0;
        }
        ByteBuffer edts = ByteBuffer.wrap(track.child("edts").bytes());
        int size = edts.getInt();
        if (edts.getInt() != ('e' << 24 | 'l' << 16 | 's' << 8 | 't') || size > edts.capacity()) {
            throw odd("edits");
        }
        int version = edts.get(edts.position());
        edts.position(edts.position() + 4);
        if (version != 0 || edts.getInt() != 1) {
            throw odd("edits");
        }
        long length = Integer.toUnsignedLong(edts.getInt());
        long begin = edts.getInt();
        ByteBuffer mvhd = ByteBuffer.wrap(moov.child("mvhd").bytes());
        long movie = Integer.toUnsignedLong(mvhd.getInt(mvhd.get(0) == 1 ? 20 : 12));
        if (edts.getInt() != WHOLE_SPEED || begin < 0 || movie == 0 || sorted.length == 0) {
            throw odd("edits");
        }
        // A length in ticks of the whole film may be rounded down.
        long most = (length + 1) * Film.ticks(track);
        if (most < (end - begin) * movie || most <= (sorted[sorted.length - 1] - begin) * movie) {
            throw odd("edits");
        }
        return begin;
    }
}
