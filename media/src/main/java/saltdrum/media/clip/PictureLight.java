package saltdrum.media.clip;

import java.awt.image.BufferedImage;
import java.io.BufferedOutputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javax.imageio.ImageIO;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.colour.Contrast;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/** Samples the lightness of a clip's picture four times a second, for checks of contrast and position. */
public final class PictureLight {
    private static final int SHORT_SIDE = 144;
    private static final int STEP_MS = 250;
    /** A long clip is looked at more seldom. */
    private static final int MOST = 6000;

    private static final int FINE = 4096;
    private static final float[][] PART = new float[3][256];
    private static final byte[] CODE = new byte[FINE + 1];

    static {
        double[] weights = {0.2126, 0.7152, 0.0722};
        for (int channel = 0; channel < 3; channel++) {
            for (int value = 0; value < 256; value++) {
                PART[channel][value] = (float) (weights[channel] * Contrast.linear(value));
            }
        }
        for (int i = 0; i <= FINE; i++) {
            CODE[i] = (byte) Math.round(Contrast.coded((double) i / FINE));
        }
    }

    private PictureLight() {}

    /** Writes them to a file, which {@link #open} reads. @throws SaltDrumException where it was stopped */
    public static void sample(Path clip, ClipInfo info, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        double scale = (double) SHORT_SIDE / Math.min(info.width(), info.height());
        int width = Math.max(2, (int) Math.round(info.width() * scale));
        int height = Math.max(2, (int) Math.round(info.height() * scale));
        int step = (int) Math.max(STEP_MS, info.durationMs() / MOST);
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(clip));
        command.addAll(List.of(
                "-map",
                "0:v:0",
                "-vf",
                // What is on the screen at each time: the last frame that has come by then.
                String.format(
                        Locale.ROOT,
                        "fps=fps=1000/%d:start_time=0:round=up,scale=%d:%d:flags=area,setsar=1",
                        step,
                        width,
                        height),
                "-pix_fmt",
                "rgb24",
                "-f",
                "rawvideo",
                "pipe:1"));
        long all = Math.max(1, info.durationMs() / step);
        try (ToolRun run = new ToolRun(command, 60);
                InputStream in = run.output();
                OutputStream file = new BufferedOutputStream(Files.newOutputStream(out), 1 << 16)) {
            file.write(LightSamples.head(width, height, step));
            byte[] picture = new byte[3 * width * height];
            byte[] light = new byte[width * height];
            int count = 0;
            while (in.readNBytes(picture, 0, picture.length) == picture.length) {
                lightOf(picture, light);
                file.write(light);
                progress.accept(Math.min(1, (double) ++count / all));
                if (stopped.getAsBoolean()) {
                    throw new SaltDrumException("The job was stopped.");
                }
            }
            if (run.await() != 0 || count == 0) {
                throw new BadInputException("No picture could be read from the clip (" + run.failureReason() + ").");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void lightOf(byte[] rgb, byte[] light) {
        for (int i = 0, at = 0; i < light.length; i++, at += 3) {
            float sum = PART[0][rgb[at] & 255] + PART[1][rgb[at + 1] & 255] + PART[2][rgb[at + 2] & 255];
            light[i] = CODE[Math.min(FINE, Math.round(sum * FINE))];
        }
    }

    /** Samples of one encoded still picture. */
    public static LightSamples of(byte[] encoded) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(encoded));
            if (image == null) {
                throw new BadInputException("The picture cannot be read.");
            }
            byte[] rgb = new byte[3 * image.getWidth() * image.getHeight()];
            int at = 0;
            for (int y = 0; y < image.getHeight(); y++) {
                for (int x = 0; x < image.getWidth(); x++) {
                    int pixel = image.getRGB(x, y);
                    rgb[at++] = (byte) (pixel >> 16);
                    rgb[at++] = (byte) (pixel >> 8);
                    rgb[at++] = (byte) pixel;
                }
            }
            byte[] light = new byte[rgb.length / 3];
            lightOf(rgb, light);
            return LightSamples.still(image.getWidth(), image.getHeight(), light);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The file is mapped, not read: a long clip takes no heap. */
    public static LightSamples open(Path file) {
        try (FileChannel channel = FileChannel.open(file)) {
            return LightSamples.read(channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
