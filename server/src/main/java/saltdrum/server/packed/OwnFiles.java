package saltdrum.server.packed;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import saltdrum.media.emoji.Stickers;
import saltdrum.server.packed.PackageManifest.PackedFile;
import saltdrum.server.store.style.FontRow;
import saltdrum.server.store.style.FontStore;
import saltdrum.server.store.style.PictureStore;
import saltdrum.server.store.style.StickerStore;

/**
 * Collects the uploaded fonts, stickers and pictures that a package needs. Each method adds the contents to {@code files}
 * by their names in the ZIP; what is named nowhere in {@code said}, the package's text, is left out.
 */
@Component
class OwnFiles {
    private final FontStore fonts;
    private final StickerStore stickers;
    private final Stickers drawings;
    private final PictureStore pictures;

    OwnFiles(FontStore fonts, StickerStore stickers, Stickers drawings, PictureStore pictures) {
        this.fonts = fonts;
        this.stickers = stickers;
        this.drawings = drawings;
        this.pictures = pictures;
    }

    List<PackedFile> fonts(String said, Map<String, Supplier<byte[]>> files) {
        List<PackedFile> all = new ArrayList<>();
        for (FontRow font : fonts.all()) {
            if (said.contains(font.facts().family())) {
                String ending = font.fileName().toLowerCase(Locale.ROOT).replaceFirst(".*\\.", "");
                String entry = "fonts/" + all.size() + "." + (ending.matches("otf|woff2") ? ending : "ttf");
                files.put(entry, () -> fonts.file(font.id()));
                all.add(new PackedFile(entry, font.fileName(), font.licence()));
            }
        }
        return all;
    }

    List<PackedFile> stickers(String said, Map<String, Supplier<byte[]>> files) {
        List<PackedFile> all = new ArrayList<>();
        for (StickerStore.StickerRow sticker : stickers.all()) {
            if (said.contains(sticker.name())) {
                Stickers.StickerFile file = drawings.file(sticker.name());
                String ending = file.name().endsWith(".png") ? ".png" : ".svg";
                String entry = "stickers/" + all.size() + ending;
                files.put(entry, file::bytes);
                all.add(new PackedFile(entry, sticker.name(), sticker.label()));
            }
        }
        return all;
    }

    List<PackedFile> pictures(String said, Map<String, Supplier<byte[]>> files) {
        List<PackedFile> all = new ArrayList<>();
        for (PictureStore.PictureRow picture : pictures.all()) {
            if (said.contains(picture.hash())) {
                String entry = "pictures/" + all.size() + ".png";
                files.put(entry, () -> pictures.bytes(picture.hash()));
                all.add(new PackedFile(entry, picture.hash(), picture.label()));
            }
        }
        return all;
    }
}
