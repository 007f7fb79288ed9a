package saltdrum.server;

import java.nio.file.Path;
import java.util.List;
import saltdrum.media.ffmpeg.ToolRun;

/** Clips as somebody else cut them. */
public final class Recut {
    private Recut() {}

    /** Without the part between two times, seconds; re-encoded, half as wide, and quieter. */
    public static Path without(Path clip, double from, double to) {
        String keep = "lt(t," + from + ")+gte(t," + to + ")";
        Path cut = Path.of("target", "recut-" + clip.getFileName()).toAbsolutePath();
        ToolRun.text(
                List.of(
                        "ffmpeg",
                        "-y",
                        "-v",
                        "error",
                        "-i",
                        clip.toString(),
                        "-vf",
                        "select='" + keep + "',setpts=N/FRAME_RATE/TB,scale=540:-2",
                        "-af",
                        "aselect='" + keep + "',asetpts=N/SR/TB,volume=0.6",
                        "-preset",
                        "ultrafast",
                        cut.toString()),
                300,
                failed -> {
                    throw new IllegalStateException(failed.errors());
                });
        return cut;
    }
}
