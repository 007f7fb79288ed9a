package saltdrum.media.clip;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.EncodePNGFilterFlag;
import io.github.humbleui.skija.EncodePNGOptions;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.Surface;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.Timeline;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.paint.ScenePainter;

/** Single pictures of a clip: its poster, and a frame with its captions. */
public final class Pictures {
    /** A little larger than the smallest, in a quarter of the time. */
    private static final EncodePNGOptions FAST =
            EncodePNGOptions.DEFAULT.withFlags(EncodePNGFilterFlag.SUB).withZlibLevel(1);

    private Pictures() {}

    /** A JPEG of about 540 on the short side, from a third into the clip. */
    public static byte[] poster(Path clip, ClipInfo info) {
        String scale = info.width() < info.height() ? "scale=540:-2" : "scale=-2:540";
        FrameTimes times = FrameTimes.of(clip, info);
        return frame(clip, times, info.durationMs() / 3, start -> "[0:v:0]" + scale + "[picture]", List.of(), "mjpeg");
    }

    /**
     * The frame shown at a time, in its frame, with the captions of that frame's own time, as PNG.
     *
     * @param bars file with the picture that the frame's bars are cut from; null if not needed
     * @param scene evaluated while the frame is being decoded
     */
    public static byte[] still(Path clip, ClipInfo info, Frame frame, Path bars, Supplier<Scene> scene, long ms) {
        if (ms < 0 || ms >= info.durationMs()) {
            throw new BadInputException(String.format(
                    Locale.ROOT,
                    "%.2f s is outside the clip, which runs %.2f s.",
                    ms / 1000.0,
                    info.durationMs() / 1000.0));
        }
        FrameTimes times = FrameTimes.of(clip, info);
        FrameGraph framing = new FrameGraph(info, frame);
        List<String> more = framing.wantsBarsPicture() ? FrameGraph.barsInput(bars) : List.of();
        String label = framing.wantsBarsPicture() ? "1:v" : null;
        DoubleFunction<String> graph = start -> framing.graph("0:v:0", "picture", label, start);
        try (ToolRun decoding = decoding(clip, times, ms, graph, more, "ppm")) {
            Scene captions = scene.get();
            return painted(picture(decoding), captions, times.us(times.shownAt(ms)) / 1000.0);
        }
    }

    private static byte[] painted(byte[] ppm, Scene scene, double t) {
        try (Image picture = PortablePixels.image(ppm);
                Surface surface = Surface.makeRasterN32Premul(picture.getWidth(), picture.getHeight());
                ScenePainter painter = new ScenePainter(scene, (double) picture.getWidth() / scene.width())) {
            Canvas canvas = surface.getCanvas();
            canvas.drawImage(picture, 0, 0);
            painter.paint(canvas, new Timeline(scene).at(t), 0, 0, picture.getWidth(), picture.getHeight());
            try (Image painted = surface.makeImageSnapshot()) {
                return EncoderPNG.encode(painted, FAST).getBytes();
            }
        }
    }

    private static byte[] frame(
            Path clip, FrameTimes times, long ms, DoubleFunction<String> graph, List<String> more, String codec) {
        try (ToolRun run = decoding(clip, times, ms, graph, more, codec)) {
            return picture(run);
        }
    }

    /** Seeks half a frame early, so that the frame on the screen at that time is the one that comes. */
    private static ToolRun decoding(
            Path clip, FrameTimes times, long ms, DoubleFunction<String> graph, List<String> more, String codec) {
        int shown = times.shownAt(ms);
        long us = Math.max(0, times.us(shown) - (shown == 0 ? 0 : (times.us(shown) - times.us(shown - 1)) / 2));
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(List.of("-ss", String.format(Locale.ROOT, "%.6f", us / 1e6)));
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(more);
        command.addAll(List.of("-filter_complex", graph.apply(us / 1e6), "-map", "[picture]"));
        command.addAll(List.of("-frames:v", "1", "-c:v", codec, "-f", "image2pipe", "pipe:1"));
        return new ToolRun(command, 60);
    }

    private static byte[] picture(ToolRun run) {
        try {
            byte[] picture = run.output().readAllBytes();
            if (run.await() != 0 || picture.length == 0) {
                throw new BadInputException("No picture could be read from the clip (" + run.failureReason() + ").");
            }
            return picture;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
