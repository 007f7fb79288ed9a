package saltdrum.core.sound;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** A sound as a WAV file: RIFF, 16 kHz, 16 bits, mono. */
public final class Wav {
    private static final int HEADER = 44;

    private Wav() {}

    public static byte[] of(Sound sound) {
        short[] samples = sound.samples();
        int bytes = samples.length * 2;
        ByteBuffer out = ByteBuffer.allocate(HEADER + bytes).order(ByteOrder.LITTLE_ENDIAN);
        out.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(HEADER - 8 + bytes);
        out.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        out.putShort((short) 1).putShort((short) 1).putInt(Sound.RATE).putInt(2 * Sound.RATE);
        out.putShort((short) 2).putShort((short) 16);
        out.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(bytes);
        out.asShortBuffer().put(samples);
        return out.array();
    }
}
