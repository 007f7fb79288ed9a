package saltdrum.media.clip;

import java.nio.file.Path;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.media.ffmpeg.Conversion;
import saltdrum.media.ffmpeg.Ffmpeg;

/** A light H.264 copy for browsers that cannot play the clip itself; same frames, same times. */
public final class Proxy {
    private Proxy() {}

    public static void make(Path clip, ClipInfo info, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(clip));
        int shortSide = Math.min(720, Math.min(info.width(), info.height()) & ~1);
        String scale = info.width() < info.height() ? "scale=" + shortSide + ":-2" : "scale=-2:" + shortSide;
        command.addAll(List.of("-map", "0:v:0", "-map", "0:a:0?", "-vf", scale + ",setsar=1,format=yuv420p"));
        command.addAll(List.of(
                "-c:v", "libx264", "-preset", "veryfast", "-crf", "23", "-g", "30", "-fps_mode", "passthrough"));
        command.addAll(List.of("-c:a", "aac", "-b:a", "160k", "-movflags", "+faststart", "-f", "mp4"));
        Conversion.run(
                command,
                out.toAbsolutePath().toString(),
                info.durationMs(),
                progress,
                stopped,
                "The clip could not be read to its end. Export it again as H.264 in MP4");
    }
}
