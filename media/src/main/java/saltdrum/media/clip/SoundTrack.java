package saltdrum.media.clip;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/** A clip's sound as samples, on the clip's own clock: sample 0 is clip time 0. */
public final class SoundTrack {
    public static final int SPEECH_RATE = 16_000;

    private SoundTrack() {}

    /** Handles little-endian 16-bit mono samples. */
    public interface Listener {
        void samples(byte[] bytes, int length) throws IOException;
    }

    public static void stream(Path clip, int soundIndex, int rate, Listener listener) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of(
                "-map",
                "0:a:" + soundIndex,
                "-vn",
                "-af",
                "aresample=async=1:first_pts=0",
                "-ac",
                "1",
                "-ar",
                Integer.toString(rate),
                "-f",
                "s16le",
                "pipe:1"));
        try (ToolRun run = new ToolRun(command, 60);
                InputStream in = run.output()) {
            byte[] buffer = new byte[32_768];
            for (int n = in.readNBytes(buffer, 0, buffer.length); n > 0; n = in.readNBytes(buffer, 0, buffer.length)) {
                listener.samples(buffer, n);
            }
            if (run.await() != 0) {
                throw new BadInputException("The clip's sound cannot be read (" + run.lastComplaint() + ").");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** All of it at 16 kHz, for the recogniser and the aligner: 32 KB a second of clip. */
    public static short[] speech(Path clip, int soundIndex) {
        short[][] samples = {new short[SPEECH_RATE * 30]};
        int[] count = {0};
        stream(clip, soundIndex, SPEECH_RATE, (bytes, length) -> {
            if (count[0] + length / 2 > samples[0].length) {
                samples[0] = java.util.Arrays.copyOf(samples[0], samples[0].length * 2);
            }
            for (int i = 0; i + 1 < length; i += 2) {
                samples[0][count[0]++] = (short) (bytes[i] & 0xff | bytes[i + 1] << 8);
            }
        });
        return java.util.Arrays.copyOf(samples[0], count[0]);
    }
}
