package saltdrum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;

/** The demo's clips at a quarter of their size and no longer than asked, for tests in which the pixels are not what counts. */
public final class SmallClips {
    /** Long enough for three cues. */
    private static final int SHORT_SECONDS = 5;

    private SmallClips() {}

    /** The first seconds of a demo clip: 270x480, or 480x270 where it is wide. */
    public static Path shortened(String name) throws IOException {
        return made(name, SHORT_SECONDS);
    }

    /** The whole of a demo clip, small. */
    public static Path whole(String name) throws IOException {
        return made(name, 60);
    }

    /** The beginning of a demo clip in its own size, as it is encoded there. */
    public static Path beginning(String name, double seconds) throws IOException {
        Path clip =
                Path.of("target", "beginning-" + name + "-" + seconds + ".mp4").toAbsolutePath();
        if (!Files.exists(clip)) {
            ffmpeg(
                    clip,
                    "-i",
                    Path.of("../demo/clips", name + ".mp4").toString(),
                    "-t",
                    Double.toString(seconds),
                    "-c",
                    "copy");
        }
        return clip;
    }

    /** A demo clip over and over, small. */
    public static Path looped(String name, int seconds) throws IOException {
        return made(name, seconds, "-stream_loop", Integer.toString(seconds / 16));
    }

    private static synchronized Path made(String name, int seconds, String... before) throws IOException {
        Path clip = Path.of("target", "small-" + name + "-" + seconds + (before.length > 0 ? "-looped" : "") + ".mp4")
                .toAbsolutePath();
        if (!Files.exists(clip)) {
            // Another test process may be making the same.
            Path part = Files.createTempFile(clip.getParent(), "small", ".mp4");
            List<String> arguments = new ArrayList<>(List.of(before));
            arguments.addAll(List.of(
                    "-i",
                    Path.of("../demo/clips", name + ".mp4").toString(),
                    "-t",
                    Integer.toString(seconds),
                    "-vf",
                    "scale=iw/4:ih/4",
                    "-c:v",
                    "libx264",
                    "-preset",
                    "veryfast",
                    "-g",
                    "60",
                    "-c:a",
                    "copy"));
            ffmpeg(part, arguments.toArray(String[]::new));
            Files.move(part, clip, StandardCopyOption.ATOMIC_MOVE);
        }
        return clip;
    }

    /** Makes a file with ffmpeg. */
    public static void ffmpeg(Path out, String... arguments) throws IOException {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-v", "error", "-y"));
        command.addAll(List.of(arguments));
        command.add(out.toString());
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        assertThat(process.onExit().join().exitValue()).as(command.toString()).isZero();
    }
}
