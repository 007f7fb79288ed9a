package saltdrum.media.mp4;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;

/** An MP4 file: its head in memory, its samples in the file. */
final class Film implements AutoCloseable {
    private static final long LARGEST_HEAD = 1 << 28;
    private static final int MOST_BOXES = 10_000;

    final FileChannel channel;
    final Atom head;
    final Atom moov;

    private Film(FileChannel channel, Atom head, Atom moov) {
        this.channel = channel;
        this.head = head;
        this.moov = moov;
    }

    static Film open(Path file) throws IOException {
        return open(file, LARGEST_HEAD);
    }

    /** @param most bytes of its head, which come into memory several times over */
    static Film open(Path file, long most) throws IOException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.READ);
        try {
            Atom ftyp = null;
            Atom moov = null;
            ByteBuffer start = ByteBuffer.allocate(16);
            int boxes = 0;
            for (long at = 0; at + Atom.HEAD <= channel.size(); ) {
                if (++boxes > MOST_BOXES) {
                    throw new NotJoinableException("it is of more pieces than any of ours");
                }
                start.clear();
                channel.read(start, at);
                start.flip();
                long size = Integer.toUnsignedLong(start.getInt());
                byte[] name = new byte[4];
                start.get(name);
                String type = new String(name, StandardCharsets.ISO_8859_1);
                if (size == 1 && start.remaining() == 8) {
                    size = start.getLong();
                } else if (size == 0) {
                    size = channel.size() - at;
                }
                if (size < Atom.HEAD || at + size > channel.size()) {
                    throw new NotJoinableException("it ends in the middle of " + type);
                }
                if (type.equals("ftyp") || type.equals("moov")) {
                    Atom read = Atom.read(type, bytes(channel, at + Atom.HEAD, size - Atom.HEAD, most));
                    ftyp = type.equals("ftyp") ? read : ftyp;
                    moov = type.equals("moov") ? read : moov;
                }
                at += size;
            }
            if (ftyp == null || moov == null) {
                throw new NotJoinableException("it has no head");
            }
            return new Film(channel, ftyp, moov);
        } catch (IOException | RuntimeException e) {
            channel.close();
            throw e;
        }
    }

    private static byte[] bytes(FileChannel channel, long at, long count, long most) throws IOException {
        if (count > most) {
            throw new NotJoinableException("its head is larger than any of ours");
        }
        ByteBuffer bytes = ByteBuffer.allocate((int) count);
        while (bytes.hasRemaining() && channel.read(bytes, at + bytes.position()) > 0) {
            // Until it is full.
        }
        return bytes.array();
    }

    List<Atom> tracks() {
        return moov.all("trak");
    }

    /** The only track with a picture. */
    Atom video() {
        List<Atom> videos =
                tracks().stream().filter(track -> handler(track).equals("vide")).toList();
        if (videos.size() != 1) {
            throw new NotJoinableException("it has " + videos.size() + " pictures");
        }
        return videos.get(0);
    }

    private static String handler(Atom track) {
        return new String(track.at("mdia", "hdlr").bytes(), 8, 4, StandardCharsets.ISO_8859_1);
    }

    static Atom tables(Atom track) {
        return track.at("mdia", "minf", "stbl");
    }

    /** Ticks a second. */
    static long ticks(Atom track) {
        ByteBuffer mdhd = ByteBuffer.wrap(track.at("mdia", "mdhd").bytes());
        return Integer.toUnsignedLong(mdhd.getInt(mdhd.get(0) == 1 ? 20 : 12));
    }

    /** What a decoder is set up with: the box {@code avcC} of ISO/IEC 14496-15. */
    static byte[] decoderSettings(Atom track) {
        byte[] stsd = tables(track).child("stsd").bytes();
        byte[] name = "avcC".getBytes(StandardCharsets.ISO_8859_1);
        for (int i = 4; i + 4 < stsd.length; i++) {
            if (stsd[i] == name[0] && stsd[i + 1] == name[1] && stsd[i + 2] == name[2] && stsd[i + 3] == name[3]) {
                int size = ByteBuffer.wrap(stsd).getInt(i - 4);
                if (size >= Atom.HEAD && i - 4 + size <= stsd.length) {
                    return java.util.Arrays.copyOfRange(stsd, i + 4, i - 4 + size);
                }
            }
        }
        throw new NotJoinableException("its picture is not H.264");
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
