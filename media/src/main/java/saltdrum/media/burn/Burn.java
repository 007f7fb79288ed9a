package saltdrum.media.burn;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
import saltdrum.media.clip.CaptionStream;
import saltdrum.media.clip.ClipColours;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameGraph;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.paint.Band;

/**
 * Burns a scene into a clip. The video is decoded and encoded once by one ffmpeg; the sound is copied where MP4 can
 * carry it; every output frame carries the caption state of its own time, whatever the frame rate does.
 */
public final class Burn {
    private static final Pattern PEAK = Pattern.compile("maxrss=(\\d+)kB");
    private static final Pattern BENCH = Pattern.compile("utime=([\\d.]+)s stime=([\\d.]+)s");

    private static final int SILENCE_SECONDS = 120;
    private static final String MICROSECOND = "1/1000000";
    /** A seek goes to a key frame at or before this much ahead of a span. */
    private static final double EARLY_US = 0.5e6;

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

    /** Key frames stand where the encoder wants them; nothing can be taken from it later. */
    public Burn unpieced() {
        unpieced = true;
        return this;
    }

    /** The whole is written in pieces as well, into a folder that is there: {@link Halves} says what they are for. */
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
            // Of a chosen rate one more than fill the clip: what is not asked for is not painted.
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
        Scene seen = seen(span);
        try (Band band = Band.of(seen, size.width(), size.height(), ClipColours.of(info));
                ToolRun run =
                        new ToolRun(command(band, bits, span, out), SILENCE_SECONDS, inPieces(span) ? pieces : null)) {
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
                Files.move(pieces.resolve(Halves.FILM), out, StandardCopyOption.REPLACE_EXISTING);
            }
            return new Result(span.count(), painted, cpuMs(run.errors()), peakKb(run.errors()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new SaltDrumException("The burn was stopped. Nothing of it was kept.", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of the scene what the span shows. */
    private Scene seen(Span span) {
        if (span.isAll(times()) || span.count() == 0) {
            return scene;
        }
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

    private List<String> command(Band band, List<String> bits, Span span, Path out) {
        boolean whole = span.isAll(times());
        List<String> command = Ffmpeg.ffmpeg();
        command.remove("-nostdin");
        command.addAll(List.of("-benchmark", "-loglevel", "info"));
        if (!whole) {
            // Clip times stay what they are, in the frame's moves and in what is painted.
            command.addAll(List.of("-copyts", "-start_at_zero"));
            command.addAll(seek(span));
        }
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of("-thread_queue_size", "16", "-f", "matroska", "-i", "pipe:0"));
        FrameGraph framing = new FrameGraph(info, frame);
        String bars = framing.wantsBarsPicture() ? "2:v" : null;
        if (bars != null) {
            command.addAll(FrameGraph.barsInput(barsFile));
        }
        String before = rate != null ? "fps=" + rate.written() : whole ? "null" : trim(span);
        String graph = "[0:v:0]" + before + "[span];"
                + framing.graph("span", "picture", bars, 0) + ";"
                + "[1:v]settb=" + (rate == null ? tick() : MICROSECOND) + "[words];"
                + "[picture][words]overlay=" + band.left + ":" + band.top
                + ":format=yuv420:alpha=straight:eof_action=repeat[done]";
        command.addAll(List.of("-filter_complex", graph, "-map", "[done]"));
        command.addAll(encoder());
        command.addAll(bits);
        command.addAll(keyFrames(span));
        if (whole) {
            command.addAll(beside("0"));
        }
        command.addAll(List.of("-strict", "-2", "-map_chapters", "-1", "-progress", "pipe:1"));
        List<String> muxer = new ArrayList<>(List.of("movflags", "+faststart"));
        if (tick().startsWith("1/")) {
            muxer.addAll(List.of("video_track_timescale", tick().substring(2)));
        }
        if (inPieces(span)) {
            command.addAll(Halves.tee(muxer, beginnings(span)));
        } else {
            for (int i = 0; i < muxer.size(); i += 2) {
                command.addAll(List.of("-" + muxer.get(i), muxer.get(i + 1)));
            }
            command.addAll(List.of("-f", "mp4", "file:" + out));
        }
        return command;
    }

    private String tick() {
        return rate != null
                ? rate.tick()
                : info.timeBase().numerator() + "/" + info.timeBase().denominator();
    }

    /** All that decides how the film comes out beside the clip's bytes and the captions. */
    public List<Object> making() {
        return List.of(info, frame, order, tick(), encoder());
    }

    /** How the picture is encoded and tagged: what is equal here fits together. */
    private List<String> encoder() {
        List<String> flags = new ArrayList<>(List.of("-c:v", "libx264", "-preset", order.preset()));
        flags.addAll(List.of("-pix_fmt", "yuv420p", "-fps_mode", "passthrough", "-enc_time_base", tick()));
        flags.addAll(colourTags());
        return flags;
    }

    /** Every piece begins with a key frame, so that it can be made again alone. */
    private List<String> keyFrames(Span span) {
        if (!inPieces()) {
            return List.of();
        }
        List<String> begins = beginnings(span);
        return begins.isEmpty() ? List.of() : List.of("-force_key_frames", String.join(",", begins));
    }

    /** Of pieces inside a span, just ahead of their first frames, seconds. */
    private List<String> beginnings(Span span) {
        return PieceGrid.of(times()).stream()
                .filter(piece -> piece.from() > span.from() && piece.from() < span.to())
                .map(piece -> seconds(before(piece.from())))
                .toList();
    }

    /** What the film has beside its picture, of the input of that number. */
    private List<String> beside(String input) {
        List<String> command = new ArrayList<>(List.of("-map", input + ":a?"));
        command.addAll(SoundPlan.of(info).arguments());
        if (order.keepCaptions()) {
            for (ClipInfo.Captions stream : info.captions()) {
                if (CaptionStream.readable(stream)) {
                    command.addAll(List.of("-map", input + ":s:" + stream.index()));
                }
            }
            command.addAll(List.of("-c:s", "mov_text"));
        }
        return command;
    }

    /** Gives a picture that is whole what else belongs to the film. */
    void complete(Path picture, Path out) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(picture));
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of("-map", "0:v:0", "-c:v", "copy"));
        command.addAll(beside("1"));
        command.addAll(List.of("-strict", "-2", "-map_chapters", "-1", "-movflags", "+faststart"));
        if (tick().startsWith("1/")) {
            command.addAll(List.of("-video_track_timescale", tick().substring(2)));
        }
        command.addAll(List.of("-f", "mp4", "file:" + out.toAbsolutePath()));
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
            if (run.await() != 0) {
                throw failed(run);
            }
        }
    }

    /** Midway between a frame and the one before it, microseconds: no rounding moves a frame to the other side. */
    private double before(int frame) {
        return (times().us(frame - 1) + times().us(frame)) / 2.0;
    }

    /** To a key frame of the clip before the span; frames on the way are decoded and dropped. */
    private List<String> seek(Span span) {
        double early = times().us(span.from()) - EARLY_US;
        return early <= 0 ? List.of() : List.of("-noaccurate_seek", "-ss", seconds(early));
    }

    private String trim(Span span) {
        List<String> sides = new ArrayList<>();
        if (span.from() > 0) {
            sides.add("start=" + seconds(before(span.from())));
        }
        if (span.to() < times().count()) {
            sides.add("end=" + seconds(before(span.to())));
        }
        return "trim=" + String.join(":", sides);
    }

    private static String seconds(double us) {
        return String.format(Locale.ROOT, "%.6f", us / 1e6);
    }

    private List<String> colourTags() {
        List<String> tags = new ArrayList<>();
        ClipInfo.Colour colour = info.colour().written();
        if (colour.space() != null) {
            tags.addAll(List.of("-colorspace", colour.space()));
        }
        if (colour.primaries() != null) {
            tags.addAll(List.of("-color_primaries", colour.primaries()));
        }
        if (colour.transfer() != null) {
            tags.addAll(List.of("-color_trc", colour.transfer()));
        }
        if (colour.range() != null) {
            tags.addAll(List.of("-color_range", colour.range()));
        }
        return tags;
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
            // The burn was stopped; whoever stopped it knows.
        }
    }

    private static SaltDrumException failed(ToolRun run) {
        String errors = run.errors();
        if (errors.contains("No space left on device")) {
            return new SaltDrumException(
                    "The disk is full, so the video could not be written. Nothing else was harmed: make room and render again.");
        }
        return new SaltDrumException(
                "The video could not be made (" + run.why() + "). The clip and its words are unharmed.");
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
