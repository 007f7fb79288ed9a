package saltdrum.server.work;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;

/** A clip's speech as it is kept: 16 kHz mono samples, 16 bits, little-endian, nothing else. */
final class SpeechCopy {
    private SpeechCopy() {}

    static byte[] bytes(short[] samples) {
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        return bytes.array();
    }

    static short[] samples(Path file) {
        try {
            byte[] bytes = Files.readAllBytes(file);
            short[] samples = new short[bytes.length / 2];
            ByteBuffer.wrap(bytes)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .asShortBuffer()
                    .get(samples);
            return samples;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
