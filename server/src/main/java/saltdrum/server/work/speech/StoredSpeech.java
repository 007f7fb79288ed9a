package saltdrum.server.work.speech;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import saltdrum.core.sound.Sound;

/** A clip's speech as stored: 16 kHz mono samples, 16 bits, little-endian, without a header. */
final class StoredSpeech {
    private StoredSpeech() {}

    static byte[] bytes(Sound sound) {
        ByteBuffer bytes = ByteBuffer.allocate(sound.length() * 2).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(sound.samples());
        return bytes.array();
    }

    /** The file is mapped, not read: a long clip takes no heap. */
    static Sound of(Path file) {
        try (FileChannel channel = FileChannel.open(file)) {
            return Sound.of(channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size())
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .asShortBuffer());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
