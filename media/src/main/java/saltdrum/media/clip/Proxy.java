package saltdrum.media.clip;

import java.nio.file.Path;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

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
        command.addAll(
                List.of("-c:a", "aac", "-b:a", "160k", "-movflags", "+faststart", "-progress", "pipe:1", "-f", "mp4"));
        command.add("file:" + out.toAbsolutePath());
        try (ToolRun run = new ToolRun(command, 120)) {
            run.eachLine(line -> {
                if (stopped.getAsBoolean()) {
                    run.close();
                } else if (line.startsWith("out_time_us=") && !line.endsWith("N/A")) {
                    progress.accept(
                            Math.min(1, Long.parseLong(line.substring(12)) / 1000.0 / Math.max(1, info.durationMs())));
                }
            });
            if (run.await() != 0 && !stopped.getAsBoolean()) {
                throw new BadInputException(
                        "The clip could not be read to its end (" + run.why() + "). Export it again as H.264 in MP4.");
            }
        }
    }
}
