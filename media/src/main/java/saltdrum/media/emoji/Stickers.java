package saltdrum.media.emoji;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import saltdrum.core.BadInputException;
import saltdrum.core.layout.type.TextSample;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.scene.Pixels;
import saltdrum.core.text.EmojiRule;
import saltdrum.core.text.TextFile;

/**
 * Uploaded pictures that are shown at words. Only flat-coloured shapes are taken from an SVG file, only pixels from a
 * PNG file. A sticker's name is a digest of its content, so that the same file is the same sticker everywhere. Safe
 * for many threads.
 */
public final class Stickers {
    public static final int MOST_BYTES = 10_000_000;
    private static final int MOST_SVG_BYTES = 1_000_000;
    private static final int MOST_PATH = 1_500_000;

    private final Map<String, List<PictureLayer>> shelf = new ConcurrentHashMap<>();

    /** @param name “sticker:” and twelve hexadecimal digits */
    public record Sticker(String name, List<PictureLayer> layers) {}

    /** What a sticker is written to: its name without a folder, and what is in it. */
    public record StickerFile(String name, byte[] bytes) {}

    /**
     * Reads an SVG or PNG file as hostile.
     *
     * @throws BadInputException in a sentence, when it is neither, is too large, or holds more than shapes in flat colours
     */
    public static Sticker read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new BadInputException("A sticker's file is at most " + MOST_BYTES / 1_000_000 + " MB.");
        }
        return PngPicture.isOne(file) ? pixels(PngPicture.read(file)) : shapes(file);
    }

    private static Sticker pixels(PngPicture picture) {
        ByteBuffer bytes = ByteBuffer.allocate(4 * picture.pixels().length);
        bytes.asIntBuffer().put(picture.pixels());
        return new Sticker(EmojiRule.STICKER + hash(List.of(bytes.array())), List.of(PictureLayer.of(picture.sizes())));
    }

    private static Sticker shapes(byte[] svg) {
        if (svg.length > MOST_SVG_BYTES) {
            throw new BadInputException("An SVG drawing is at most " + MOST_SVG_BYTES / 1_000_000 + " MB.");
        }
        if (TextFile.of(svg).text().indexOf('<') < 0) {
            throw new BadInputException("A sticker must be an SVG drawing or a PNG picture; this file is neither.");
        }
        List<PictureLayer> layers = SvgLayers.of(TextFile.of(svg).text());
        long path = layers.stream().mapToLong(layer -> layer.path().length()).sum();
        if (layers.isEmpty() || path > MOST_PATH) {
            throw new BadInputException(
                    layers.isEmpty() ? "This drawing is empty." : "This drawing has too many points for a sticker.");
        }
        List<byte[]> shapes = layers.stream()
                .map(layer -> (layer.fill() + layer.evenOdd() + layer.path()).getBytes(StandardCharsets.UTF_8))
                .toList();
        return new Sticker(EmojiRule.STICKER + hash(shapes), layers);
    }

    private static String hash(List<byte[]> parts) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            parts.forEach(digest::update);
            return HexFormat.of().formatHex(digest.digest()).substring(0, 12);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    public void add(Sticker sticker) {
        shelf.put(sticker.name(), sticker.layers());
    }

    /** Of those only that have such names: a drawing is what its name says. */
    public static List<Sticker> named(List<byte[]> files, Collection<String> names) {
        List<Sticker> stickers = new ArrayList<>();
        for (byte[] file : files) {
            try {
                Sticker sticker = read(file);
                if (names.contains(sticker.name())) {
                    stickers.add(sticker);
                }
            } catch (BadInputException e) {
                // It is reported as missing.
            }
        }
        return stickers;
    }

    /** As a file that is read as the same sticker again. */
    public StickerFile file(String name) {
        List<PictureLayer> layers = layers(name);
        String plain = name.replace(':', ' ');
        List<Pixels> pixels = layers.get(0).pixels();
        return pixels.isEmpty()
                ? new StickerFile(plain + ".svg", TextSample.picture(layers).getBytes(StandardCharsets.UTF_8))
                : new StickerFile(
                        plain + ".png", Base64.getDecoder().decode(pixels.get(0).png()));
    }

    /** Empty for one that is not here. */
    public List<PictureLayer> layers(String name) {
        return shelf.getOrDefault(name, List.of());
    }
}
