package saltdrum.media.burn;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;

/**
 * Uncompressed pictures with a time each, as a Matroska stream (RFC 9559, {@code V_UNCOMPRESSED}). Raw video in a
 * pipe has no timestamps, and captions need them: a picture is shown until the next one's time.
 */
final class MatroskaFrames {
    /** ffmpeg's code for planes Y, U, V, A of 8 bits, the last three of them at half, half and full size. */
    private static final byte[] YUVA_420 = {'Y', '4', 11, 8};

    private final OutputStream out;

    MatroskaFrames(OutputStream stream, int width, int height) throws IOException {
        this.out = stream;
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        head.write(element(
                0x1A45DFA3,
                element(0x4286, number(1)),
                element(0x42F7, number(1)),
                element(0x42F2, number(4)),
                element(0x42F3, number(8)),
                element(0x4282, "matroska".getBytes(StandardCharsets.US_ASCII)),
                element(0x4287, number(4)),
                element(0x4285, number(2))));
        // A segment of unknown size, as for live streams.
        head.write(new byte[] {0x18, 0x53, (byte) 0x80, 0x67, 0x01, -1, -1, -1, -1, -1, -1, -1});
        head.write(element(
                0x1549A966,
                element(0x2AD7B1, number(1000)),
                element(0x4D80, "salt-drum".getBytes(StandardCharsets.US_ASCII)),
                element(0x5741, "salt-drum".getBytes(StandardCharsets.US_ASCII))));
        head.write(element(
                0x1654AE6B,
                element(
                        0xAE,
                        element(0xD7, number(1)),
                        element(0x73C5, number(1)),
                        element(0x83, number(1)),
                        element(0x86, "V_UNCOMPRESSED".getBytes(StandardCharsets.US_ASCII)),
                        element(
                                0xE0,
                                element(0xB0, number(width)),
                                element(0xBA, number(height)),
                                element(0x2EB524, YUVA_420)))));
        out.write(head.toByteArray());
    }

    /** @param us time in microseconds, rising from call to call */
    void frame(long us, byte[] planes) throws IOException {
        byte[] time = element(0xE7, number(us));
        long blockSize = 4L + planes.length;
        byte[] blockSizeBytes = size(blockSize);
        long clusterSize = time.length + 1 + blockSizeBytes.length + blockSize;
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        head.write(id(0x1F43B675));
        head.write(size(clusterSize));
        head.write(time);
        head.write(0xA3);
        head.write(blockSizeBytes);
        head.write(new byte[] {(byte) 0x81, 0, 0, (byte) 0x80});
        out.write(head.toByteArray());
        out.write(planes);
    }

    private static byte[] element(int id, byte[]... content) {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        for (byte[] part : content) {
            body.writeBytes(part);
        }
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        whole.writeBytes(id(id));
        whole.writeBytes(size(body.size()));
        whole.writeBytes(body.toByteArray());
        return whole.toByteArray();
    }

    private static byte[] id(int id) {
        return number(id & 0xffffffffL);
    }

    private static byte[] size(long size) {
        byte[] bytes = new byte[8];
        ByteBuffer.wrap(bytes).putLong(size);
        bytes[0] = 1;
        return bytes;
    }

    private static byte[] number(long value) {
        int length = 1;
        while (length < 8 && value >>> 8 * length != 0) {
            length++;
        }
        byte[] bytes = new byte[length];
        for (int i = 0; i < length; i++) {
            bytes[length - 1 - i] = (byte) (value >>> 8 * i);
        }
        return bytes;
    }
}
