package saltdrum.media.clip;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.sound.Sound;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/** A clip's sound as samples, on the clip's own clock: sample 0 is clip time 0. */
public final class SoundTrack {
    private SoundTrack() {}

    /** Handles little-endian 16-bit mono samples. */
    public interface Listener {
        void samples(byte[] bytes, int length) throws IOException;
    }

    public static void stream(Path clip, SoundChoice choice, int rate, Listener listener) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of(
                "-map",
                "0:a:" + choice.stream(),
                "-vn",
                "-af",
                "aresample=async=1:first_pts=0" + (choice.channel() < 0 ? "" : ",pan=mono|c0=c" + choice.channel()),
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
                throw new BadInputException("The clip's sound cannot be read (" + run.failureReason() + ").");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** All of it at 16 kHz, for the recogniser and the aligner: 32 KB a second of clip. */
    public static Sound speech(Path clip, SoundChoice choice) {
        short[][] samples = {new short[Sound.RATE * 30]};
        int[] count = {0};
        stream(clip, choice, Sound.RATE, (bytes, length) -> {
            if (count[0] + length / 2 > samples[0].length) {
                samples[0] = java.util.Arrays.copyOf(samples[0], samples[0].length * 2);
            }
            for (int i = 0; i + 1 < length; i += 2) {
                samples[0][count[0]++] = (short) (bytes[i] & 0xff | bytes[i + 1] << 8);
            }
        });
        return Sound.of(levelled(java.util.Arrays.copyOf(samples[0], count[0])));
    }

    /** Level of the loud parts that speech is brought to, full scale 32768. Common practice, no source. */
    private static final double LOUD = 4000;

    private static final double MOST_GAIN = 30;

    /** The same sound as loud as speech usually is, by one gain for all of it, so that nothing pumps. */
    private static short[] levelled(short[] samples) {
        int frame = Sound.RATE / 50;
        double[] levels = new double[samples.length / frame];
        for (int f = 0; f < levels.length; f++) {
            double sum = 0;
            for (int i = f * frame; i < (f + 1) * frame; i++) {
                sum += (double) samples[i] * samples[i];
            }
            levels[f] = Math.sqrt(sum / frame);
        }
        java.util.Arrays.sort(levels);
        double loud = levels.length == 0 ? 0 : levels[levels.length * 9 / 10];
        if (loud < 1) {
            return samples;
        }
        double gain = Math.min(MOST_GAIN, LOUD / loud);
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (short) Math.max(-32_768, Math.min(32_767, Math.round(samples[i] * gain)));
        }
        return samples;
    }
}
