package saltdrum.core.style;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import saltdrum.core.BadInputException;
import saltdrum.core.text.TextFile;

/**
 * A style with its fonts and stickers, as a ZIP: {@code style.json}, in {@code fonts/} each font beside a text of the same
 * name with what its licence says, and in {@code stickers/} drawings, SVG or
 * PNG.
 *
 * @param fonts that the style asks for, as far as they were added
 * @param stickers that the style asks for
 */
public record StylePackage(Style style, List<PackedFont> fonts, List<PackedSticker> stickers) {
    private static final int MOST_ENTRIES = 64;
    private static final int MOST_BYTES = 60_000_000;
    private static final String STYLE = "style.json";
    private static final String LICENCE = ".licence.txt";
    private static final Set<String> FONTS = Set.of("ttf", "otf", "woff2");
    private static final Set<String> STICKERS = Set.of("svg", "png");

    /**
     * @param name of the file, without a folder
     * @param licence can be empty
     */
    public record PackedFont(String name, byte[] file, String licence) {}

    /** @param name of the file, without a folder */
    public record PackedSticker(String name, byte[] file) {}

    private record Packed(String name, byte[] bytes) {}

    /** Whether a file begins as a ZIP does. */
    public static boolean isOne(byte[] file) {
        return file.length > 4 && file[0] == 'P' && file[1] == 'K';
    }

    public byte[] zip() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            put(zip, STYLE, StyleFile.write(style).getBytes(StandardCharsets.UTF_8));
            for (PackedFont font : fonts) {
                put(zip, "fonts/" + font.name, font.file);
                put(zip, "fonts/" + font.name + LICENCE, font.licence.getBytes(StandardCharsets.UTF_8));
            }
            for (PackedSticker sticker : stickers) {
                put(zip, "stickers/" + sticker.name, sticker.file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        // The same style gives the same file.
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    /** @throws BadInputException saying what is wrong with it */
    public static StylePackage read(byte[] file) {
        List<Packed> packed = unpacked(file);
        Packed style = packed.stream()
                .filter(one -> one.name.equals(STYLE))
                .findFirst()
                .orElseThrow(() -> refused("There is no " + STYLE + " in it."));
        List<PackedFont> fonts = new ArrayList<>();
        List<PackedSticker> stickers = new ArrayList<>();
        for (Packed one : packed) {
            String ending = one.name.substring(one.name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
            if (FONTS.contains(ending)) {
                String licence = packed.stream()
                        .filter(other -> other.name.equals(one.name + LICENCE))
                        .map(other -> TextFile.of(other.bytes).text())
                        .findFirst()
                        .orElse("");
                fonts.add(new PackedFont(one.name, one.bytes, licence));
            } else if (STICKERS.contains(ending)) {
                stickers.add(new PackedSticker(one.name, one.bytes));
            }
        }
        return new StylePackage(
                StyleCheck.read(TextFile.of(style.bytes).text()), List.copyOf(fonts), List.copyOf(stickers));
    }

    private static List<Packed> unpacked(byte[] file) {
        List<Packed> packed = new ArrayList<>();
        int left = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            int entries = 0;
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++entries > MOST_ENTRIES) {
                    throw refused("There are more than " + MOST_ENTRIES + " files in it.");
                }
                // A folder's entry can have data too, and stepping over it unpacks it.
                byte[] bytes = zip.readNBytes(left + 1);
                left -= bytes.length;
                if (left < 0) {
                    throw refused("Unpacked it is larger than " + MOST_BYTES / 1_000_000 + " MB.");
                }
                if (!entry.isDirectory()) {
                    packed.add(new Packed(plainName(entry.getName()), bytes));
                }
            }
        } catch (ZipException | IllegalArgumentException e) {
            throw refused("It is broken.");
        } catch (IOException e) {
            throw refused("It is incomplete.");
        }
        return packed;
    }

    /** Nothing is ever written where a ZIP says; a name that leads out of it is refused all the same. */
    private static String plainName(String name) {
        String plain = name.replace('\\', '/');
        if (plain.startsWith("/") || plain.contains("..") || plain.contains(":") || plain.length() > 200) {
            throw refused("A file in it has a name that points outside of it.");
        }
        return plain.substring(plain.lastIndexOf('/') + 1);
    }

    private static BadInputException refused(String why) {
        return new BadInputException("This style was not imported. " + why + " Nothing of it was kept.");
    }
}
