package saltdrum.media.clip;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/**
 * An uploaded still picture, converted to a PNG of at most 2160 a side by a separate process.
 *
 * @param width of the PNG, pixels
 * @param height of the PNG, pixels
 */
public record OwnPicture(int width, int height) {
    public static final int MOST_BYTES = 25_000_000;
    private static final int MOST_SIDE = 2160;
    private static final int HEAD = 26;
    /** As a camera's largest. */
    private static final long MOST_PIXELS = 50_000_000;
    /** Limit for an unpacked PNG: a small file can claim any size. */
    private static final long MOST_UNPACKED = 200_000_000;

    /** @throws BadInputException when it is no PNG, JPEG or WebP, or cannot be read as what it says */
    public static OwnPicture read(Path file, Path png) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(List.of("-protocol_whitelist", "file", "-max_pixels", Long.toString(MOST_PIXELS)));
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
        return new BadInputException("This is not a readable picture. Use a PNG, JPEG or WebP file.");
    }

    private static String format(Path file) {
        String head = HexFormat.of().formatHex(head(file, HEAD));
        if (head.startsWith("89504e470d0a1a0a")) {
            checkPng(head(file, HEAD));
            return "png_pipe";
        } else if (head.startsWith("ffd8ff")) {
            return "jpeg_pipe";
        } else if (head.startsWith("52494646") && head.startsWith("57454250", 16)) {
            return "webp_pipe";
        }
        throw unreadable();
    }

    /** Bit depth and colour type follow width and height (PNG specification, 11.2.2 IHDR). */
    private static void checkPng(byte[] head) {
        if (head.length < HEAD) {
            throw unreadable();
        }
        ByteBuffer numbers = ByteBuffer.wrap(head);
        long pixels = Math.max(0L, numbers.getInt(16)) * Math.max(0L, numbers.getInt(20));
        int channels =
                switch (head[25]) {
                    case 2 -> 3;
                    case 4 -> 2;
                    case 6 -> 4;
                    default -> 1;
                };
        if (pixels > MOST_PIXELS || pixels * channels * head[24] / 8 > MOST_UNPACKED) {
            throw new BadInputException("This picture is too large: it has "
                    + numbers.getInt(16) + " by " + numbers.getInt(20)
                    + " pixels. Make it smaller (2160 a side is enough) and add it again.");
        }
    }

    /** Width and height are in a PNG's first chunk (PNG specification, 11.2.2 IHDR). */
    private static OwnPicture size(Path png) {
        byte[] head = head(png, 24);
        if (head.length < 24) {
            throw unreadable();
        }
        ByteBuffer numbers = ByteBuffer.wrap(head);
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
