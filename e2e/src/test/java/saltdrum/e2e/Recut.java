package saltdrum.e2e;

import java.nio.file.Path;
import java.util.List;
import saltdrum.media.ffmpeg.ToolRun;

/** Demo clips as somebody else cut them. */
final class Recut {
    private Recut() {}

    /** Without what lies between two times, seconds, encoded anew and smaller. */
    static Path without(String clip, double from, double to) {
        String keep = "lt(t," + from + ")+gte(t," + to + ")";
        Path cut = Path.of("target", clip + "-recut.mp4").toAbsolutePath();
        ToolRun.text(
                List.of(
                        "ffmpeg",
                        "-y",
                        "-v",
                        "error",
                        "-i",
                        Demo.clip(clip).toString(),
                        "-vf",
                        "select='" + keep + "',setpts=N/FRAME_RATE/TB,scale=540:-2",
                        "-af",
                        "aselect='" + keep + "',asetpts=N/SR/TB",
                        "-preset",
                        "ultrafast",
                        cut.toString()),
                60,
                failed -> {
                    throw new IllegalStateException(failed.errors());
                });
        return cut;
    }
}
