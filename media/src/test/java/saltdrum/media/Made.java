package saltdrum.media;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.media.ffmpeg.ToolRun;

/** Clips made for tests by ffmpeg's own sources. */
final class Made {
    private Made() {}

    static Path clip(Path file, String... arguments) {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-loglevel", "error", "-y"));
        command.addAll(List.of(arguments));
        command.add(file.toString());
        ToolRun.text(command, 300, run -> {
            throw new IllegalStateException(run.errors());
        });
        return file;
    }

    static String probe(Path file, String... arguments) {
        List<String> command = new ArrayList<>(List.of("ffprobe", "-v", "error"));
        command.addAll(List.of(arguments));
        command.add(file.toString());
        return ToolRun.text(command, 300, run -> {
                    throw new IllegalStateException(run.errors());
                })
                .strip();
    }

    /** Hash of the coded sound packets. */
    static String soundHash(Path file) {
        return ToolRun.text(
                List.of(
                        "ffmpeg",
                        "-nostdin",
                        "-v",
                        "error",
                        "-i",
                        file.toString(),
                        "-map",
                        "0:a",
                        "-c",
                        "copy",
                        "-f",
                        "md5",
                        "-"),
                300,
                run -> {
                    throw new IllegalStateException(run.errors());
                });
    }
}
