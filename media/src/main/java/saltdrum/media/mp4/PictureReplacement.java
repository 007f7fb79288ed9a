package saltdrum.media.mp4;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Replaces some of a film's pictures by others without encoding. Everything else of the film (sound, caption streams,
 * all decoding and presentation times) is copied unchanged.
 *
 * <p>This is exact if the pieces are closed: they begin with a key frame, and no frame of another piece is between
 * theirs in decoding order. This is verified; if it does not hold, nothing is joined.
 */
public final class PictureReplacement {
    /** A timestamp's rounding, in ticks. */
    private static final long ROUNDING = 1;

    private PictureReplacement() {}

    /**
     * @param film that holds these frames only
     * @param from the number of its first frame in the whole
     */
    public record Piece(Path film, int from) {}

    /**
     * @param whole an MP4 with one H.264 picture
     * @param pieces in their order; they do not overlap
     * @throws NotJoinableException where they do not fit; {@code out} is worth nothing then
     */
    public static void write(Path whole, List<Piece> pieces, Path out) throws IOException {
        List<Film> open = new ArrayList<>();
        try (Film film = Film.open(whole)) {
            Atom track = film.video();
            SampleTable table = SampleTable.of(Film.tables(track));
            long[] offsets = IntStream.range(0, table.count())
                    .mapToLong(i -> table.shown()[i] - table.decoded()[i])
                    .toArray();
            Sources samples = new Sources(film.channel, table);
            int[] ranks = PresentationOrder.of(table.shown());
            long[] sorted = table.shown().clone();
            Arrays.sort(sorted);
            for (Piece piece : pieces) {
                Film part = Film.open(piece.film());
                open.add(part);
                Atom partTrack = part.video();
                if (!Arrays.equals(Film.decoderSettings(track), Film.decoderSettings(partTrack))) {
                    throw new NotJoinableException("a decoder would need another configuration");
                }
                if (Film.ticks(track) != Film.ticks(partTrack)) {
                    throw new NotJoinableException("times are counted otherwise");
                }
                SampleTable fresh = SampleTable.of(Film.tables(partTrack));
                fit(table, ranks, sorted, fresh, piece.from());
                int[] freshRanks = PresentationOrder.of(fresh.shown());
                for (int i = 0; i < fresh.count(); i++) {
                    int at = piece.from() + i;
                    offsets[at] = sorted[piece.from() + freshRanks[i]] - table.decoded()[at];
                    if (offsets[at] < 0) {
                        throw new NotJoinableException("a frame would be shown before it is decoded");
                    }
                    samples.put(at, part.channel, fresh, i);
                }
            }
            write(film, track, offsets, samples, out);
        } finally {
            for (Film film : open) {
                film.close();
            }
        }
    }

    private static void fit(SampleTable whole, int[] ranks, long[] sorted, SampleTable piece, int from) {
        int to = from + piece.count();
        if (from < 0 || to > whole.count()) {
            throw new NotJoinableException("there are no frames " + from + " to " + to);
        }
        if (!piece.keys()[0] || !whole.keys()[from] || to < whole.count() && !whole.keys()[to]) {
            throw new NotJoinableException("a player could not begin at frame " + from + " or " + to);
        }
        for (int i = from; i < to; i++) {
            if (ranks[i] < from || ranks[i] >= to) {
                throw new NotJoinableException("frames before and after " + from + " hang together");
            }
        }
        long[] times = piece.shown().clone();
        Arrays.sort(times);
        for (int i = 0; i < times.length; i++) {
            if (Math.abs(times[i] - times[0] - (sorted[from + i] - sorted[from])) > ROUNDING) {
                throw new NotJoinableException("frame " + (from + i) + " comes at another time");
            }
        }
    }

    /** Where each sample's bytes come from. */
    private static final class Sources {
        final int[] sizes;
        final long[] offsets;
        final boolean[] keys;
        final FileChannel[] from;

        Sources(FileChannel film, SampleTable table) {
            sizes = table.sizes().clone();
            offsets = table.offsets().clone();
            keys = table.keys().clone();
            from = new FileChannel[sizes.length];
            Arrays.fill(from, film);
        }

        void put(int at, FileChannel film, SampleTable table, int sample) {
            sizes[at] = table.sizes()[sample];
            offsets[at] = table.offsets()[sample];
            keys[at] = table.keys()[sample];
            from[at] = film;
        }
    }

    /** One chunk of the track of that number, {@code first} its first sample. */
    private record Chunk(int track, int number, int first, int count, long at) {}

    private static void write(Film film, Atom video, long[] ctts, Sources samples, Path out) throws IOException {
        Atom tables = Film.tables(video);
        tables.put(SampleTableWriter.stsz(samples.sizes));
        tables.put(SampleTableWriter.stss(samples.keys));
        if (tables.has("ctts") || Arrays.stream(ctts).anyMatch(offset -> offset != 0)) {
            tables.put(SampleTableWriter.ctts(ctts));
        }
        List<Chunk> chunks = new ArrayList<>();
        List<Sources> others = new ArrayList<>();
        List<long[]> places = new ArrayList<>();
        List<Atom> tracks = film.tracks();
        SampleTable[] read = new SampleTable[tracks.size()];
        for (int t = 0; t < tracks.size(); t++) {
            Atom track = tracks.get(t);
            // The picture's own sizes are those of after the change; its chunks hold the numbers that they held.
            read[t] = SampleTable.of(Film.tables(track));
            others.add(track == video ? samples : new Sources(film.channel, read[t]));
            long[] at = SampleTable.chunks(Film.tables(track));
            places.add(new long[at.length]);
            int first = 0;
            for (int c = 0; c < at.length; c++) {
                chunks.add(new Chunk(t, c, first, read[t].perChunk()[c], at[c]));
                first += read[t].perChunk()[c];
            }
        }
        chunks.sort(Comparator.comparingLong(Chunk::at));
        long bytes = 0;
        for (Sources each : others) {
            bytes +=
                    Arrays.stream(each.sizes).mapToLong(Integer::toUnsignedLong).sum();
        }
        boolean wide = bytes + 16 > 0xffffffffL;
        long begin = film.head.size() + film.moov.size() + (wide ? 16 : 8);
        long at = begin;
        for (Chunk chunk : chunks) {
            places.get(chunk.track)[chunk.number] = at;
            for (int i = chunk.first; i < chunk.first + chunk.count; i++) {
                at += Integer.toUnsignedLong(others.get(chunk.track).sizes[i]);
            }
        }
        for (int t = 0; t < tracks.size(); t++) {
            Atom stbl = Film.tables(tracks.get(t));
            stbl.put(SampleTableWriter.chunks(stbl, places.get(t)));
        }
        ByteBuffer head = ByteBuffer.allocate((int) begin);
        film.head.write(head);
        film.moov.write(head);
        head.putInt(wide ? 1 : (int) (bytes + 8)).put(new byte[] {'m', 'd', 'a', 't'});
        if (wide) {
            head.putLong(bytes + 16);
        }
        try (FileChannel to = FileChannel.open(
                out, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.WRITE)) {
            to.write(head.flip());
            for (Chunk chunk : chunks) {
                copy(others.get(chunk.track), chunk, to);
            }
        }
    }

    /** Adjacent samples are copied in one operation. */
    private static void copy(Sources samples, Chunk chunk, FileChannel to) throws IOException {
        int last = chunk.first + chunk.count;
        for (int i = chunk.first; i < last; ) {
            long start = samples.offsets[i];
            long end = start;
            FileChannel from = samples.from[i];
            while (i < last && samples.from[i] == from && samples.offsets[i] == end) {
                end += Integer.toUnsignedLong(samples.sizes[i++]);
            }
            SampleBytes.copy(from, start, end - start, to);
        }
    }
}
