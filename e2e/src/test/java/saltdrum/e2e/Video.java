package saltdrum.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.media.ffmpeg.ToolRun;

/** Looks into a video file with ffmpeg. */
final class Video {
    private Video() {}

    /** The frame with that number, RGBA. */
    static byte[] frame(Path video, int number) throws IOException {
        try (ToolRun run = new ToolRun(
                        List.of(
                                "ffmpeg",
                                "-nostdin",
                                "-v",
                                "error",
                                "-i",
                                video.toString(),
                                "-vf",
                                "select=eq(n\\," + number + ")",
                                "-frames:v",
                                "1",
                                "-fps_mode",
                                "passthrough",
                                "-pix_fmt",
                                "rgba",
                                "-f",
                                "rawvideo",
                                "pipe:1"),
                        300);
                InputStream in = run.output()) {
            return in.readAllBytes();
        }
    }

    static String probe(Path video, String... arguments) {
        List<String> command = new ArrayList<>(List.of("ffprobe", "-v", "error"));
        command.addAll(List.of(arguments));
        command.add(video.toString());
        return text(command);
    }

    /** Width and height, 720×1280. */
    static String size(Path video) {
        return probe(video, "-select_streams", "v:0", "-show_entries", "stream=width,height", "-of", "csv=p=0:s=x")
                .strip()
                .replace('x', '×');
    }

    static String frames(Path video) {
        return probe(
                video,
                "-count_frames",
                "-select_streams",
                "v:0",
                "-show_entries",
                "stream=nb_read_frames",
                "-of",
                "csv=p=0");
    }

    static double seconds(Path video) {
        return Double.parseDouble(probe(video, "-show_entries", "format=duration", "-of", "csv=p=0"));
    }

    static String soundHash(Path video) {
        return text(List.of(
                "ffmpeg",
                "-nostdin",
                "-v",
                "error",
                "-i",
                video.toString(),
                "-map",
                "0:a",
                "-c",
                "copy",
                "-f",
                "md5",
                "-"));
    }

    private static String text(List<String> command) {
        return ToolRun.text(command, 300, run -> {
                    throw new IllegalStateException(run.errors());
                })
                .strip()
                .toLowerCase(Locale.ROOT);
    }
}
