package saltdrum.media.clip;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/**
 * A still picture from anybody, made a PNG of at most 2160 a side by a process of its own.
 *
 * @param width of the PNG, pixels
 * @param height of the PNG, pixels
 */
public record OwnPicture(int width, int height) {
    public static final int MOST_BYTES = 25_000_000;
    private static final int MOST_SIDE = 2160;
    private static final int HEAD = 12;

    /** @throws BadInputException when it is no PNG, JPEG or WebP, or cannot be read as what it says */
    public static OwnPicture read(Path file, Path png) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(List.of("-protocol_whitelist", "file", "-max_pixels", Integer.toString(8192 * 8192)));
        command.addAll(List.of("-f", format(file), "-i", "file:" + file.toAbsolutePath(), "-frames:v", "1"));
        command.addAll(List.of(
                "-vf",
                "scale='min(iw," + MOST_SIDE + ")':'min(ih," + MOST_SIDE
                        + ")':force_original_aspect_ratio=decrease,format=rgb24"));
        command.addAll(List.of("-c:v", "png", "-f", "image2pipe", "file:" + png.toAbsolutePath()));
        ToolRun.text(command, 30, failed -> {
            throw unreadable();
        });
        return size(png);
    }

    private static BadInputException unreadable() {
        return new BadInputException("This is no picture we can read. Bring a PNG, a JPEG or a WebP.");
    }

    private static String format(Path file) {
        String head = HexFormat.of().formatHex(head(file, HEAD));
        if (head.startsWith("89504e470d0a1a0a")) {
            return "png_pipe";
        } else if (head.startsWith("ffd8ff")) {
            return "jpeg_pipe";
        } else if (head.startsWith("52494646") && head.endsWith("57454250")) {
            return "webp_pipe";
        }
        throw unreadable();
    }

    /** Width and height stand in a PNG's first chunk (PNG specification, 11.2.2 IHDR). */
    private static OwnPicture size(Path png) {
        byte[] head = head(png, 24);
        if (head.length < 24) {
            throw unreadable();
        }
        java.nio.ByteBuffer numbers = java.nio.ByteBuffer.wrap(head);
        return new OwnPicture(numbers.getInt(16), numbers.getInt(20));
    }

    private static byte[] head(Path file, int bytes) {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
