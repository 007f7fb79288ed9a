package saltdrum.media.mp4;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Joins films without sound into one, without encoding. Only the order of their times is used: every frame gets the
 * time that it is to be shown at.
 */
public final class Concatenation {
    private static final double MICROSECONDS = 1e6;

    private Concatenation() {}

    /**
     * @param films each beginning with a key frame, closed, and encoded alike
     * @param timesUs when all their frames together are shown, microseconds, rising
     * @throws NotJoinableException where they do not fit; {@code out} is worth nothing then
     */
    public static void write(List<Path> films, long[] timesUs, Path out) throws IOException {
        List<Film> open = new ArrayList<>();
        try {
            for (Path film : films) {
                open.add(Film.open(film));
            }
            chain(open, timesUs, out);
        } finally {
            for (Film film : open) {
                film.close();
            }
        }
    }

    private static void chain(List<Film> films, long[] timesUs, Path out) throws IOException {
        Film first = films.get(0);
        Atom track = first.video();
        long ticks = Film.ticks(track);
        long[] shown = Arrays.stream(timesUs)
                .map(us -> Math.round(us * ticks / MICROSECONDS))
                .toArray();
        int[] sizes = new int[shown.length];
        boolean[] keys = new boolean[shown.length];
        int[] ranks = new int[shown.length];
        List<SampleTable> tables = new ArrayList<>();
        int at = 0;
        for (Film film : films) {
            Atom own = film.video();
            if (!Arrays.equals(Film.decoderSettings(track), Film.decoderSettings(own)) || Film.ticks(own) != ticks) {
                throw new NotJoinableException("a decoder would need another configuration");
            }
            SampleTable table = SampleTable.of(Film.tables(own));
            if (at + table.count() > shown.length || table.count() == 0 || !table.keys()[0]) {
                throw new NotJoinableException("it is no closed run of the frames that are wanted");
            }
            int[] order = PresentationOrder.of(table.shown());
            for (int i = 0; i < table.count(); i++) {
                sizes[at + i] = table.sizes()[i];
                keys[at + i] = table.keys()[i];
                ranks[at + i] = at + order[i];
            }
            at += table.count();
            tables.add(table);
        }
        if (at != shown.length) {
            throw new NotJoinableException("there are " + at + " of " + shown.length + " frames");
        }
        long[] decoded = decoded(shown, ranks);
        long shift = -decoded[0];
        long[] offsets = IntStream.range(0, shown.length)
                .mapToLong(i -> shown[ranks[i]] - decoded[i])
                .toArray();
        Atom stbl = Film.tables(track);
        stbl.put(SampleTableWriter.stsz(sizes));
        stbl.put(SampleTableWriter.stss(keys));
        stbl.put(SampleTableWriter.stts(decoded));
        stbl.put(SampleTableWriter.ctts(offsets));
        stbl.put(SampleTableWriter.stsc(
                tables.stream().mapToInt(SampleTable::count).toArray()));
        stbl.remove("co64");
        stbl.remove("stco");
        stbl.put(SampleTableWriter.co64(new long[tables.size()]));
        long length = decoded[shown.length - 1]
                - decoded[0]
                + (shown.length < 2 ? 1 : shown[shown.length - 1] - shown[shown.length - 2]);
        TrackDurations.set(first.moov, track, ticks, length, shift);
        long[] chunks = new long[tables.size()];
        long place = first.head.size() + first.moov.size() + 16;
        long bytes = 0;
        for (int i = 0; i < chunks.length; i++) {
            chunks[i] = place + bytes;
            bytes += Arrays.stream(tables.get(i).sizes())
                    .mapToLong(Integer::toUnsignedLong)
                    .sum();
        }
        stbl.put(SampleTableWriter.co64(chunks));
        ByteBuffer head = ByteBuffer.allocate((int) place);
        first.head.write(head);
        first.moov.write(head);
        head.putInt(1).put(new byte[] {'m', 'd', 'a', 't'}).putLong(bytes + 16);
        try (FileChannel to = FileChannel.open(
                out, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.WRITE)) {
            to.write(head.flip());
            for (int i = 0; i < films.size(); i++) {
                SampleTable table = tables.get(i);
                for (int s = 0; s < table.count(); s++) {
                    SampleBytes.copy(
                            films.get(i).channel, table.offsets()[s], Integer.toUnsignedLong(table.sizes()[s]), to);
                }
            }
        }
    }

    /** As an encoder of this reordering gives them: the times of presentation, late by as many frames as that takes. */
    private static long[] decoded(long[] shown, int[] ranks) {
        int delay = 0;
        for (int i = 0; i < ranks.length; i++) {
            delay = Math.max(delay, i - ranks[i]);
        }
        if (delay >= shown.length) {
            throw new NotJoinableException("its frames hang together in no order that is known");
        }
        long[] decoded = new long[shown.length];
        for (int i = 0; i < shown.length; i++) {
            decoded[i] = i >= delay ? shown[i - delay] : shown[i] - (shown[delay] - shown[0]);
        }
        return decoded;
    }
}
