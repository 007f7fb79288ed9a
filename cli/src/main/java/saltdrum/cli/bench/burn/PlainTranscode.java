package saltdrum.cli.bench.burn;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.SaltDrumException;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/** What ffmpeg alone takes for a clip, encoded as a burn encodes it. */
final class PlainTranscode {
    private static final Pattern BENCH = Pattern.compile("utime=([\\d.]+)s stime=([\\d.]+)s");
    private static final int SILENCE_SECONDS = 120;

    private PlainTranscode() {}

    /**
     * Processor time, user and system, ms.
     *
     * @param how additional inputs, filters and mappings; empty for the clip unchanged
     */
    static double cpuMs(Path clip, List<String> how, Path out) {
        return cpuMs(clip, how, BurnOrder.USUAL, out);
    }

    /** @param encoding of which the preset and the rate factor count */
    static double cpuMs(Path clip, List<String> how, BurnOrder encoding, Path out) {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-nostats", "-benchmark", "-y"));
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(how);
        command.addAll(List.of("-c:v", "libx264", "-preset", encoding.preset(), "-crf", "" + encoding.crf()));
        command.addAll(
                List.of("-pix_fmt", "yuv420p", "-fps_mode", "passthrough", "-c:a", "copy", "-movflags", "+faststart"));
        command.add(out.toString());
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
            if (run.await() != 0) {
                throw new SaltDrumException(run.errors());
            }
            Matcher bench = BENCH.matcher(run.errors());
            double ms = 0;
            while (bench.find()) {
                ms = 1000 * (Double.parseDouble(bench.group(1)) + Double.parseDouble(bench.group(2)));
            }
            return ms;
        }
    }
}
