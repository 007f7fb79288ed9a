package saltdrum.media.mp4;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;

/** Writes the duration fields of a film with one track: ISO/IEC 14496-12, §8.2.2, §8.3.2, §8.4.2 and §8.6.6. */
final class TrackDurations {
    private TrackDurations() {}

    /**
     * @param ticks of the track a second
     * @param length of its media, ticks
     * @param shift media time that is shown at 0, ticks; below 0 where the media begins later
     */
    static void set(Atom moov, Atom track, long ticks, long length, long shift) {
        ByteBuffer mvhd = ByteBuffer.wrap(moov.child("mvhd").bytes());
        ByteBuffer tkhd = ByteBuffer.wrap(track.child("tkhd").bytes());
        ByteBuffer mdhd = ByteBuffer.wrap(track.at("mdia", "mdhd").bytes());
        if (mvhd.get(0) != 0 || tkhd.get(0) != 0 || mdhd.get(0) != 0) {
            throw new NotJoinableException("it counts its length in a way that is not ours");
        }
        // The whole film counts as the track does, so that an empty beginning is no rounding away.
        mvhd.putInt(12, whole(ticks));
        long media = Math.max(0, shift);
        long empty = Math.max(0, 0 - shift);
        long shown = Math.max(1, length - media);
        mvhd.putInt(16, whole(empty + shown));
        tkhd.putInt(20, whole(empty + shown));
        mdhd.putInt(16, whole(length));
        ByteBuffer elst = ByteBuffer.allocate(8 + (empty > 0 ? 24 : 12));
        elst.putInt(0).putInt(empty > 0 ? 2 : 1);
        if (empty > 0) {
            elst.putInt(whole(empty)).putInt(-1).putInt(0x10000);
        }
        elst.putInt(whole(shown)).putInt(whole(media)).putInt(0x10000);
        track.remove("edts");
        track.children().add(1, new Atom("edts", null, new ArrayList<>(List.of(Atom.leaf("elst", elst.array())))));
    }

    private static int whole(long value) {
        if (value < 0 || value > Integer.MAX_VALUE) {
            throw new NotJoinableException("it is too long");
        }
        return (int) value;
    }
}
