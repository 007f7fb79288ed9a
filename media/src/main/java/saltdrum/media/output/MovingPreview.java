package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.ffmpeg.Conversion;
import saltdrum.media.ffmpeg.Ffmpeg;

/** A few seconds that move by themselves in a mail or on a page, small enough for a limit. */
public final class MovingPreview {
    /** How it moves. */
    public enum Kind {
        WEBP("webp"),
        GIF("gif");

        public final String ending;

        Kind(String ending) {
            this.ending = ending;
        }
    }

    /** From the best that is tried to the least that is worth looking at. */
    private record Grade(int shortSide, int rate, int quality) {}

    private static final List<Grade> GRADES = List.of(
            new Grade(540, 15, 75),
            new Grade(480, 12, 65),
            new Grade(360, 12, 60),
            new Grade(360, 10, 45),
            new Grade(270, 10, 40),
            new Grade(216, 8, 35),
            new Grade(160, 6, 25));

    private final Path video;
    private final ClipInfo info;
    private final int fromMs;
    private final int toMs;
    private final Kind kind;

    /**
     * @param video with its captions burned in
     * @param fromMs up to {@code toMs}
     * @throws BadInputException if the part is empty
     */
    public MovingPreview(Path video, ClipInfo info, int fromMs, int toMs, Kind kind) {
        if (toMs <= fromMs) {
            throw new BadInputException("A preview ends after it begins.");
        }
        this.video = video;
        this.info = info;
        this.fromMs = fromMs;
        this.toMs = toMs;
        this.kind = kind;
    }

    /**
     * @param most bytes
     * @throws BadInputException where even the smallest is larger
     */
    public void write(long most, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        try {
            for (int i = 0; i < GRADES.size(); i++) {
                int tried = i;
                make(GRADES.get(i), out, part -> progress.accept((tried + part) / GRADES.size()), stopped);
                if (Files.size(out) <= most) {
                    progress.accept(1);
                    return;
                }
            }
            long least = Files.size(out);
            Files.delete(out);
            throw new BadInputException(String.format(
                    Locale.ROOT,
                    "%.1f s cannot be smaller than %d KB, and %d KB are allowed. Choose a shorter part.",
                    (toMs - fromMs) / 1000.0,
                    least / 1024,
                    most / 1024));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void make(Grade grade, Path out, DoubleConsumer progress, BooleanSupplier stopped)
            throws SaltDrumException {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(List.of("-ss", seconds(fromMs), "-t", seconds(toMs - fromMs)));
        command.addAll(Ffmpeg.clip(video));
        String scale = info.width() < info.height()
                ? "scale=" + grade.shortSide + ":-2:flags=lanczos"
                : "scale=-2:" + grade.shortSide + ":flags=lanczos";
        String moving = "fps=" + grade.rate + "," + scale;
        if (kind == Kind.GIF) {
            moving += ",split[a][b];[a]palettegen=stats_mode=diff[p];[b][p]paletteuse=dither=bayer:bayer_scale=4";
        }
        command.addAll(List.of("-map", "0:v:0", "-an", "-vf", moving));
        command.addAll(
                kind == Kind.GIF
                        ? List.of("-loop", "0", "-f", "gif")
                        : List.of(
                                "-c:v",
                                "libwebp_anim",
                                "-quality",
                                Integer.toString(grade.quality),
                                "-loop",
                                "0",
                                "-f",
                                "webp"));
        Conversion.run(
                command,
                out.toAbsolutePath().toString(),
                toMs - fromMs,
                progress,
                stopped,
                "The preview could not be made");
    }

    private static String seconds(int ms) {
        return String.format(Locale.ROOT, "%.3f", ms / 1000.0);
    }
}
