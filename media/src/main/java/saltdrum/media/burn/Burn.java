package saltdrum.media.burn;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Frame;
import saltdrum.core.scene.Excerpt;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;
import saltdrum.core.scene.Timeline;
import saltdrum.media.clip.ClipColours;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.ffmpeg.ToolFailedException;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.paint.Band;

/**
 * Burns a scene into a clip. The video is decoded and encoded once by one ffmpeg; the sound is copied if MP4 supports
 * its codec; every output frame carries the caption state of its own time, also at a variable frame rate.
 */
public final class Burn {
    private static final Pattern PEAK = Pattern.compile("maxrss=(\\d+)kB");
    private static final Pattern BENCH = Pattern.compile("utime=([\\d.]+)s stime=([\\d.]+)s");

    private static final int SILENCE_SECONDS = 120;

    private final Path clip;
    private final ClipInfo info;
    private final Frame frame;
    private final Scene scene;
    private final BurnOrder order;
    private final Path barsFile;
    private final FrameRate rate;
    private FrameTimes read;
    private boolean unpieced;
    private Path pieces;

    public Burn(Path clip, ClipInfo info, Frame frame, Scene scene, BurnOrder order) {
        this(clip, info, frame, null, scene, order);
    }

    /** @param barsFile the picture that the frame's bars are cut from ({@code BarsPicture}); null where it wants none */
    public Burn(Path clip, ClipInfo info, Frame frame, Path barsFile, Scene scene, BurnOrder order) {
        this.barsFile = barsFile;
        this.clip = clip;
        this.info = info;
        this.frame = frame;
        this.scene = scene;
        this.order = order;
        this.rate = order.rate() == null ? null : FrameRate.of(order.rate());
    }

    /**
     * @param frames of the clip
     * @param painted pictures that were painted and sent
     * @param toolCpuMs processor time of ffmpeg, user and system
     * @param toolPeakKb most memory that ffmpeg held
     */
    public record Result(int frames, int painted, long toolCpuMs, long toolPeakKb) {}

    /**
     * Writes the finished MP4 to {@code out}.
     *
     * @param progress gets 0 to 1
     * @param stopped asked often; once true the burn ends with a {@link SaltDrumException}
     */
    public Result to(Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        return to(out, Span.all(times()), progress, stopped);
    }

    /** Lets the encoder place key frames freely; no later render can take pieces from the result. */
    public Burn unpieced() {
        unpieced = true;
        return this;
    }

    /** The whole is written in pieces as well, into a folder that is there: {@link ResumableBurn} says what they are for. */
    Burn alsoInPieces(Path folder) {
        pieces = folder;
        return this;
    }

    /** Whether it comes out the same when a piece of it is made alone. */
    public boolean inPieces() {
        return order.inPieces() && !unpieced;
    }

    /** Of every frame that comes out; the clip's are read once. */
    public FrameTimes times() {
        if (read == null) {
            // One frame more than fills the clip at the chosen rate; frames that are not needed are not painted.
            read = rate == null ? FrameTimes.of(clip, info) : FrameTimes.even(rate, rate.frames(info.durationMs()) + 1);
        }
        return read;
    }

    /**
     * Writes only these frames, without sound, encoded as they are where the whole is burned. It begins and ends where a
     * piece does ({@link PieceGrid}).
     */
    public Result to(Path out, Span span, DoubleConsumer progress, BooleanSupplier stopped) {
        if (order.mostBytes() != null) {
            return new SizedBurn(out, order.mostBytes(), info)
                    .run((flags, to, part) -> pass(flags, to, span, part, stopped), progress);
        }
        return pass(List.of("-crf", Integer.toString(order.crf())), out.toAbsolutePath(), span, progress, stopped);
    }

    /** @param bits flags that say how many of them the picture gets */
    private Result pass(List<String> bits, Path out, Span span, DoubleConsumer progress, BooleanSupplier stopped) {
        var size = frame.output(info.size());
        Scene seen = span.isAll(times()) ? scene : seen(span);
        try (Band band = Band.of(seen, size.width(), size.height(), ClipColours.of(info));
                ToolRun run = new ToolRun(
                        arguments().burning(band, bits, span, out, inPieces(span)),
                        SILENCE_SECONDS,
                        inPieces(span) ? pieces : null)) {
            Thread reader = new Thread(() -> readProgress(run, span, progress), "burn-progress");
            reader.setDaemon(true);
            reader.start();
            int painted = feed(run, band, seen, span, stopped);
            while (reader.isAlive()) {
                reader.join(200);
                if (stopped.getAsBoolean()) {
                    throw new SaltDrumException("The burn was stopped. Nothing of it was kept.");
                }
            }
            if (run.await() != 0) {
                throw failed(run);
            }
            if (inPieces(span)) {
                Files.move(pieces.resolve(ResumableBurn.FILM), out, StandardCopyOption.REPLACE_EXISTING);
            }
            return new Result(span.count(), painted, cpuMs(run.errors()), peakKb(run.errors()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new SaltDrumException("The burn was stopped. Nothing of it was kept.", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private BurnArguments arguments() {
        return new BurnArguments(clip, info, frame, barsFile, order, times(), inPieces());
    }

    /** All that decides how the film comes out beside the clip's bytes and the captions. */
    public List<Object> making() {
        return arguments().making();
    }

    /** Gives a picture that is whole what else belongs to the film. */
    void complete(Path picture, Path out) {
        try (ToolRun run = new ToolRun(arguments().completing(picture, out), SILENCE_SECONDS)) {
            if (run.await() != 0) {
                throw failed(run);
            }
        }
    }

    /** Of the scene what the span shows. */
    public Scene seen(Span span) {
        double to = span.to() == times().count() ? Double.MAX_VALUE : times().us(span.to()) / 1000.0;
        return Excerpt.of(scene, times().us(span.from()) / 1000.0, to);
    }

    private boolean inPieces(Span span) {
        return pieces != null && span.isAll(times());
    }

    private int feed(ToolRun run, Band band, Scene seen, Span span, BooleanSupplier stopped) {
        int painted = 0;
        try (OutputStream pipe = run.input()) {
            MatroskaFrames frames = new MatroskaFrames(pipe, band.width, band.height);
            Timeline timeline = new Timeline(seen);
            SceneAt shown = null;
            for (int i = span.from(); i < span.to(); i++) {
                // The first picture is always at 0, so that ffmpeg does not shift the stream.
                long us = i == span.from() ? 0 : times().us(i);
                SceneAt now = timeline.at(times().us(i) / 1000.0);
                if (shown == null || !now.looksLike(shown)) {
                    if (stopped.getAsBoolean()) {
                        throw new SaltDrumException("The burn was stopped. Nothing of it was kept.");
                    }
                    frames.frame(Math.max(0, us), band.paint(now));
                    run.signOfLife();
                    painted++;
                    shown = now;
                }
            }
        } catch (IOException brokenPipe) {
            run.await();
            throw failed(run);
        }
        return painted;
    }

    private void readProgress(ToolRun run, Span span, DoubleConsumer progress) {
        double from = span.from() == 0 ? 0 : times().us(span.from());
        double to = span.to() == times().count() ? info.durationMs() * 1000.0 : times().us(span.to());
        try (InputStream in = run.output();
                var lines = new java.io.BufferedReader(new java.io.InputStreamReader(in, StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("out_time_us=") && !line.endsWith("N/A")) {
                    double done = (Long.parseLong(line.substring(12)) - from) / Math.max(1.0, to - from);
                    progress.accept(Math.min(1, Math.max(0, done)));
                }
            }
        } catch (IOException closed) {
            // The burn was stopped; the caller knows.
        }
    }

    private static SaltDrumException failed(ToolRun run) {
        String errors = run.errors();
        if (errors.contains("No space left on device")) {
            return new ToolFailedException(
                    "The disk is full, so the video could not be written. Nothing else was damaged: make room "
                            + "and render again.",
                    run);
        }
        return new ToolFailedException(
                "The video could not be made (" + run.failureReason() + "). The clip and its words were not changed.",
                run);
    }

    private static long cpuMs(String errors) {
        Matcher bench = BENCH.matcher(errors);
        long ms = 0;
        while (bench.find()) {
            ms = Math.round(1000 * (Double.parseDouble(bench.group(1)) + Double.parseDouble(bench.group(2))));
        }
        return ms;
    }

    private static long peakKb(String errors) {
        Matcher peak = PEAK.matcher(errors);
        return peak.find() ? Long.parseLong(peak.group(1)) : 0;
    }
}
