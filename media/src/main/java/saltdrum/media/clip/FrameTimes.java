package saltdrum.media.clip;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import saltdrum.core.BadInputException;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.mp4.FilmTimes;

/** The presentation time of every frame, in microseconds of clip time, rising. Read from the container, not decoded. */
public final class FrameTimes {
    private static final long ROUNDING_US = 1500;

    private static final LruCache<FileState, FrameTimes> RECENT = new LruCache<>(24);

    /** Identifies the content of a file: a replaced file of the same name differs. */
    private record FileState(Object key, Path file, long bytes, FileTime modified, double start, ClipInfo.Ratio base) {
        static FileState of(Path file, double start, ClipInfo.Ratio base) {
            try {
                BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
                return new FileState(
                        now.fileKey(), file.toAbsolutePath(), now.size(), now.lastModifiedTime(), start, base);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private final long[] us;

    private FrameTimes(long[] us) {
        this.us = us;
    }

    public static FrameTimes of(Path clip, ClipInfo info) {
        return of(clip, info.startSeconds(), info.timeBase());
    }

    /** The times of a video with a constant frame rate that starts at 0. */
    public static FrameTimes even(FrameRate rate, int frames) {
        long[] us = new long[frames];
        for (int i = 0; i < frames; i++) {
            us[i] = (long) Math.floor(rate.ms(i) * 1000 + 1e-3);
        }
        return new FrameTimes(us);
    }

    /** Cached for files that have not changed. */
    static FrameTimes of(Path clip, double startSeconds, ClipInfo.Ratio timeBase) {
        return RECENT.of(FileState.of(clip, startSeconds, timeBase), () -> read(clip, startSeconds, timeBase));
    }

    private static FrameTimes read(Path clip, double startSeconds, ClipInfo.Ratio timeBase) {
        long[] ticks = ownTables(clip, timeBase).orElseGet(() -> probed(clip));
        long[] us = new long[ticks.length];
        for (int i = 0; i < us.length; i++) {
            double seconds = (double) ticks[i] * timeBase.numerator() / timeBase.denominator();
            // Rounded down, with room for the double's own error: never later than the frame itself.
            us[i] = (long) Math.floor((seconds - startSeconds) * 1e6 + 1e-3);
        }
        return new FrameTimes(us);
    }

    /** Rising; empty if the container is not one that is read here. */
    private static Optional<long[]> ownTables(Path clip, ClipInfo.Ratio timeBase) {
        try {
            return FilmTimes.of(clip)
                    .filter(film -> timeBase.numerator() == 1 && timeBase.denominator() == film.ticks())
                    .map(FilmTimes::shown);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Rising, as reported by ffprobe. */
    private static long[] probed(Path clip) {
        List<String> command = Ffmpeg.ffprobe();
        command.addAll(List.of("-select_streams", "v:0", "-show_entries", "packet=pts,flags", "-of", "csv=p=0"));
        command.addAll(Ffmpeg.clip(clip));
        LongStream.Builder ticks = LongStream.builder();
        try (ToolRun run = new ToolRun(command, 60)) {
            run.eachLine(line -> {
                String[] parts = line.split(",");
                boolean discarded = parts.length > 1 && parts[1].contains("D");
                if (!discarded && parts[0].matches("-?\\d+")) {
                    ticks.add(Long.parseLong(parts[0]));
                }
            });
            if (run.await() != 0) {
                throw new BadInputException("The clip's frames cannot be read (" + run.failureReason() + ").");
            }
        }
        return ticks.build().sorted().toArray();
    }

    public int count() {
        return us.length;
    }

    public long[] us() {
        return us.clone();
    }

    public long us(int frame) {
        return us[frame];
    }

    /** Index of the frame shown at a time: the last one that is not later, or the first. */
    public int shownAt(long ms) {
        int at = Arrays.binarySearch(us, ms * 1000);
        return Math.max(0, at >= 0 ? at : -at - 2);
    }

    /** Whether the times are equal, relative to their first frames, within the rounding of a timestamp. */
    public boolean near(FrameTimes that) {
        boolean near = us.length == that.us.length;
        for (int i = 0; near && i < us.length; i++) {
            near = Math.abs((us[i] - us[0]) - (that.us[i] - that.us[0])) <= ROUNDING_US;
        }
        return near;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FrameTimes that && Arrays.equals(us, that.us);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(us);
    }

    /** Whether the steps between frames differ by more than a timestamp's rounding (1.5 ms). */
    boolean variable() {
        long least = Long.MAX_VALUE;
        long most = 0;
        for (int i = 1; i < us.length - 1; i++) {
            least = Math.min(least, us[i] - us[i - 1]);
            most = Math.max(most, us[i] - us[i - 1]);
        }
        return us.length > 3 && most - least > ROUNDING_US;
    }
}
