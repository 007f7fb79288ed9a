package saltdrum.media.output;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.ColorInfo;
import io.github.humbleui.skija.ColorType;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Size;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;
import saltdrum.core.scene.Timeline;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolFailedException;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.paint.ScenePainter;

/**
 * The captions alone on a transparent background, to be laid over the clip in an editing program: the clip's size,
 * average frame rate and duration, with straight alpha.
 */
public final class Overlay {
    /** What holds it. */
    public enum Kind {
        /** ProRes 4444 in MOV, 16 bits of alpha: what editing programs like best, and large. */
        PRORES("mov"),
        /** VP9 with alpha in WebM: small, for the web. */
        VP9("webm"),
        /** A picture a frame in a ZIP. */
        PNG("zip");

        public final String ending;

        Kind(String ending) {
            this.ending = ending;
        }
    }

    private static final int SILENCE_SECONDS = 120;

    private final Scene scene;
    private final Size size;
    private final FrameRate rate;
    private final int frames;

    /**
     * @param size of the finished picture, even
     * @param frameRate average of the clip's, a second
     */
    public Overlay(Scene scene, Size size, double frameRate, long lengthMs) {
        this.scene = scene;
        this.size = size;
        this.rate = FrameRate.of(frameRate);
        this.frames = rate.frames(lengthMs);
    }

    /** Gets each frame in turn; {@code fresh} is false where it looks like the one before. */
    private interface Taker {
        void frame(int number, Surface surface, boolean fresh) throws IOException;
    }

    /** @throws SaltDrumException where it was stopped */
    public void to(Kind kind, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        try {
            if (kind == Kind.PNG) {
                zip(out, progress, stopped);
            } else {
                video(kind, out, progress, stopped);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void each(DoubleConsumer progress, BooleanSupplier stopped, Taker taker) throws IOException {
        Timeline timeline = new Timeline(scene);
        ImageInfo info = new ImageInfo(
                new ColorInfo(ColorType.RGBA_8888, ColorAlphaType.PREMUL, null), size.width(), size.height());
        try (Surface surface = Surface.makeRaster(info);
                ScenePainter painter = new ScenePainter(scene, (double) size.width() / scene.width())) {
            SceneAt shown = null;
            for (int i = 0; i < frames; i++) {
                if (stopped.getAsBoolean()) {
                    throw new SaltDrumException("The job was stopped. Nothing of it was kept.");
                }
                SceneAt now = timeline.at(rate.ms(i));
                boolean fresh = shown == null || !now.looksLike(shown);
                if (fresh) {
                    surface.getCanvas().clear(0);
                    painter.paint(surface.getCanvas(), now, 0, 0, size.width(), size.height());
                    shown = now;
                }
                taker.frame(i, surface, fresh);
                progress.accept((i + 1.0) / frames);
            }
        }
    }

    private void zip(Path out, DoubleConsumer progress, BooleanSupplier stopped) throws IOException {
        byte[][] png = new byte[1][];
        try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(out)))) {
            // PNG is packed already.
            zip.setLevel(0);
            each(progress, stopped, (number, surface, fresh) -> {
                if (fresh) {
                    try (Image image = surface.makeImageSnapshot()) {
                        png[0] = EncoderPNG.encode(image).getBytes();
                    }
                }
                zip.putNextEntry(new ZipEntry(String.format(Locale.ROOT, "frame-%05d.png", number + 1)));
                zip.write(png[0]);
                zip.closeEntry();
            });
        }
    }

    private void video(Kind kind, Path out, DoubleConsumer progress, BooleanSupplier stopped) throws IOException {
        List<String> command = Ffmpeg.ffmpeg();
        command.remove("-nostdin");
        command.addAll(List.of("-f", "rawvideo", "-pix_fmt", "rgba", "-s", size.width() + "x" + size.height()));
        command.addAll(List.of("-r", rate.written(), "-i", "pipe:0", "-an"));
        command.addAll(List.of("-vf", "scale=out_color_matrix=bt709:out_range=tv"));
        command.addAll(List.of("-colorspace", "bt709", "-color_primaries", "bt709", "-color_trc", "bt709"));
        command.addAll(
                kind == Kind.PRORES
                        ? List.of(
                                "-c:v",
                                "prores_ks",
                                "-profile:v",
                                "4444",
                                "-pix_fmt",
                                "yuva444p10le",
                                "-alpha_bits",
                                "16",
                                "-f",
                                "mov")
                        : List.of(
                                "-c:v",
                                "libvpx-vp9",
                                "-pix_fmt",
                                "yuva420p",
                                "-crf",
                                "24",
                                "-b:v",
                                "0",
                                "-auto-alt-ref",
                                "0",
                                "-row-mt",
                                "1",
                                "-deadline",
                                "realtime",
                                "-cpu-used",
                                "6",
                                "-f",
                                "webm"));
        command.add("file:" + out.toAbsolutePath());
        ImageInfo straight = new ImageInfo(
                new ColorInfo(ColorType.RGBA_8888, ColorAlphaType.UNPREMUL, null), size.width(), size.height());
        byte[][] pixels = new byte[1][];
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS);
                Bitmap bitmap = new Bitmap()) {
            bitmap.allocPixels(straight);
            try (OutputStream pipe = run.input()) {
                each(progress, stopped, (number, surface, fresh) -> {
                    if (fresh) {
                        surface.readPixels(bitmap, 0, 0);
                        pixels[0] = bitmap.readPixels();
                    }
                    pipe.write(pixels[0]);
                    run.signOfLife();
                });
            } catch (IOException brokenPipe) {
                run.await();
                throw new SaltDrumException("The overlay could not be made (" + run.failureReason() + ").", brokenPipe);
            }
            if (run.await() != 0) {
                throw new ToolFailedException("The overlay could not be made (" + run.failureReason() + ").", run);
            }
        }
    }
}
