package saltdrum.server.store.style;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.format.ass.AssStyles;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleCheck;
import saltdrum.core.style.StylePackage;
import saltdrum.core.style.StylePackage.PackedFont;
import saltdrum.core.style.StylePackage.PackedSticker;
import saltdrum.core.text.TextFile;
import saltdrum.media.emoji.Stickers;
import saltdrum.media.font.FontCheck;
import saltdrum.media.font.FontShelf;

/** Imports and exports styles: JSON, ZIP with fonts, and the looks in ASS files. */
@Component
public class StyleFiles {
    private final StyleStore styles;
    private final FontStore fonts;
    private final FontShelf shelf;
    private final StickerStore stickers;
    private final Stickers drawings;
    private final FontHeights heights;

    StyleFiles(
            StyleStore styles,
            FontStore fonts,
            FontShelf shelf,
            StickerStore stickers,
            Stickers drawings,
            FontHeights heights) {
        this.heights = heights;
        this.stickers = stickers;
        this.drawings = drawings;
        this.styles = styles;
        this.fonts = fonts;
        this.shelf = shelf;
    }

    /**
     * A font that came with a style.
     *
     * @param family null where it is refused
     * @param here it is here already
     * @param refused why it is not taken; null where it is
     */
    public record CameWith(String name, String family, boolean here, String refused) {}

    /**
     * @param exists a style has that name: taking it is a version more of that one
     * @param missing typefaces that are neither here nor in the file
     * @param missingStickers how many of its stickers are neither
     */
    public record Seen(Style style, boolean exists, List<String> missing, int missingStickers) {}

    public record Content(List<Seen> styles, List<CameWith> fonts) {}

    /** Inspects a file without importing it. @throws BadInputException if it is not a style file */
    public Content look(byte[] file) {
        List<CameWith> came = new ArrayList<>();
        List<Style> found = found(file, came);
        Predicate<String> there =
                family -> came.stream().anyMatch(font -> family.equalsIgnoreCase(font.family)) || shelf.has(family);
        return new Content(
                found.stream()
                        .map(style -> new Seen(
                                style,
                                styles.has(style.name()),
                                StyleCheck.missing(style, there),
                                missingStickers(style, file)))
                        .toList(),
                List.copyOf(came));
    }

    private int missingStickers(Style style, byte[] file) {
        List<String> asked = StyleCheck.stickers(style).stream()
                .filter(name -> drawings.layers(name).isEmpty())
                .toList();
        return asked.size() - (asked.isEmpty() ? 0 : cameWith(style, file).size());
    }

    private static List<Stickers.Sticker> cameWith(Style style, byte[] file) {
        return StylePackage.isOne(file)
                ? Stickers.named(
                        StylePackage.read(file).stickers().stream()
                                .map(PackedSticker::file)
                                .toList(),
                        StyleCheck.stickers(style))
                : List.of();
    }

    private List<Style> found(byte[] file, List<CameWith> came) {
        if (StylePackage.isOne(file)) {
            StylePackage packed = StylePackage.read(file);
            List<FontCheck.Verdict> verdicts =
                    FontCheck.of(packed.fonts().stream().map(PackedFont::file).toList());
            for (int i = 0; i < verdicts.size(); i++) {
                FontCheck.Verdict verdict = verdicts.get(i);
                came.add(new CameWith(
                        packed.fonts().get(i).name(),
                        verdict.facts() == null ? null : verdict.facts().family(),
                        verdict.facts() != null && shelf.hasCut(verdict.facts()),
                        verdict.refused()));
            }
            return List.of(packed.style());
        }
        String text = TextFile.of(file).text();
        return text.stripLeading().startsWith("{") || !text.contains("[V4") && !text.contains("[v4")
                ? List.of(StyleCheck.read(text))
                : AssStyles.read(text, heights);
    }

    /** Takes the styles of a file, and the fonts that came with them and are not here yet. */
    public Content take(byte[] file) {
        Content content = look(file);
        if (StylePackage.isOne(file)) {
            for (PackedFont font : StylePackage.read(file).fonts()) {
                try {
                    fonts.take(font.name(), font.licence(), font.file());
                } catch (BadInputException told) {
                    // Already reported: broken, or one of its weight is installed.
                }
            }
        }
        content.styles().forEach(seen -> {
            cameWith(seen.style(), file)
                    .forEach(sticker -> stickers.take(seen.style().name(), sticker));
            styles.save(seen.style(), true);
        });
        return content;
    }

    /** A style with the fonts it asks for that were added; those that ship or are the machine's are not packed. */
    public byte[] packed(Style style) {
        List<String> wanted = StyleCheck.missing(style, family -> false);
        List<PackedFont> own = fonts.all().stream()
                .filter(font -> wanted.stream().anyMatch(font.facts().family()::equalsIgnoreCase))
                .map(font -> new PackedFont(plain(font), fonts.file(font.id()), font.licence()))
                .toList();
        List<PackedSticker> drawn = StyleCheck.stickers(style).stream()
                .filter(name -> !drawings.layers(name).isEmpty())
                .map(drawings::file)
                .map(file -> new PackedSticker(file.name(), file.bytes()))
                .toList();
        return new StylePackage(style, own, drawn).zip();
    }

    private static String plain(FontRow font) {
        String ending = font.fileName().toLowerCase(Locale.ROOT).replaceFirst(".*\\.", "");
        String name = font.facts().family() + " " + font.facts().weight()
                + (font.facts().italic() ? " italic" : "");
        return name.replaceAll("[^\\p{L}\\p{N} -]", "_") + "."
                + (List.of("ttf", "otf", "woff2").contains(ending) ? ending : "ttf");
    }
}
