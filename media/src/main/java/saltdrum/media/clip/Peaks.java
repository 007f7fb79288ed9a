package saltdrum.media.clip;

import java.io.ByteArrayOutputStream;
import java.nio.file.Path;

/** Loudness for drawing: one byte for each 10 ms of clip time, the largest sample from 0 (silence) to 255 (full). */
public final class Peaks {
    public static final int PER_SECOND = 100;
    private static final int RATE = 8_000;

    private Peaks() {}

    /** Empty for a clip without sound. */
    public static byte[] of(Path clip, ClipInfo info, SoundChoice choice) {
        ByteArrayOutputStream peaks = new ByteArrayOutputStream();
        if (info.sounds().isEmpty()) {
            return new byte[0];
        }
        int[] state = {0, 0};
        SoundTrack.stream(clip, choice, RATE, (bytes, length) -> {
            for (int i = 0; i + 1 < length; i += 2) {
                int sample = Math.abs((short) (bytes[i] & 0xff | bytes[i + 1] << 8));
                state[0] = Math.max(state[0], sample);
                if (++state[1] == RATE / PER_SECOND) {
                    peaks.write(Math.min(255, state[0] / 128));
                    state[0] = 0;
                    state[1] = 0;
                }
            }
        });
        return peaks.toByteArray();
    }
}
