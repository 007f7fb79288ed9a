package saltdrum.media.emoji;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import saltdrum.core.BadInputException;
import saltdrum.core.layout.TextSample;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.text.EmojiRule;
import saltdrum.core.text.TextFile;

/**
 * Drawings that were brought in to stand at words. Of a file only its shapes in flat colours are kept. A sticker is named
 * by what it draws, so that the same file is the same sticker everywhere. Safe for many threads.
 */
public final class Stickers {
    public static final int MOST_BYTES = 1_000_000;
    private static final int MOST_PATH = 1_500_000;

    private final Map<String, List<PictureLayer>> shelf = new ConcurrentHashMap<>();

    /** @param name “sticker:” and twelve hexadecimal digits */
    public record Sticker(String name, List<PictureLayer> layers) {}

    /**
     * Reads an SVG file as hostile.
     *
     * @throws BadInputException in a sentence, when it is none or holds more than shapes in flat colours
     */
    public static Sticker read(byte[] svg) {
        if (svg.length > MOST_BYTES) {
            throw new BadInputException("A sticker's file is at most " + MOST_BYTES / 1_000_000 + " MB.");
        }
        List<PictureLayer> layers = SvgLayers.of(TextFile.of(svg).text());
        long path = layers.stream().mapToLong(layer -> layer.path().length()).sum();
        if (layers.isEmpty() || path > MOST_PATH) {
            throw new BadInputException(
                    layers.isEmpty()
                            ? "This drawing shows nothing."
                            : "This drawing has too many points for a sticker.");
        }
        return new Sticker(EmojiRule.STICKER + hash(layers), layers);
    }

    private static String hash(List<PictureLayer> layers) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            layers.forEach(layer ->
                    digest.update((layer.fill() + layer.evenOdd() + layer.path()).getBytes(StandardCharsets.UTF_8)));
            return HexFormat.of().formatHex(digest.digest()).substring(0, 12);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    public void add(Sticker sticker) {
        shelf.put(sticker.name(), sticker.layers());
    }

    /** Of those only that have such names: a drawing is what its name says. */
    public static List<Sticker> named(List<byte[]> svgs, Collection<String> names) {
        List<Sticker> stickers = new ArrayList<>();
        for (byte[] svg : svgs) {
            try {
                Sticker sticker = read(svg);
                if (names.contains(sticker.name())) {
                    stickers.add(sticker);
                }
            } catch (BadInputException e) {
                // It is told as missing.
            }
        }
        return stickers;
    }

    /** As a file that is read as the same sticker again. */
    public byte[] svg(String name) {
        return TextSample.picture(layers(name)).getBytes(StandardCharsets.UTF_8);
    }

    /** Empty for one that is not here. */
    public List<PictureLayer> layers(String name) {
        return shelf.getOrDefault(name, List.of());
    }
}
