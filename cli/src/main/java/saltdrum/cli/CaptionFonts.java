package saltdrum.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleCheck;
import saltdrum.core.style.StylePackage;
import saltdrum.media.emoji.Stickers;
import saltdrum.media.font.FontCheck;
import saltdrum.media.font.FontShelf;

/** The fonts and stickers of one command: those that ship, those of the machine, and those given as options. */
final class CaptionFonts {
    private final FontShelf shelf = new FontShelf();
    private final Stickers stickers = new Stickers();

    Stickers stickers() {
        return stickers;
    }

    FontShelf shelf() {
        return shelf;
    }

    void add(List<Path> files) throws IOException {
        for (Path file : files) {
            add(file.getFileName().toString(), Files.readAllBytes(file));
        }
    }

    private void add(String name, byte[] file) {
        try {
            shelf.add(name, FontCheck.facts(file), () -> file);
        } catch (BadInputException e) {
            throw new BadInputException("“" + name + "”: " + e.getMessage(), e);
        }
    }

    /** A style that ships, by its name; or that of a file, as {@link #style(Path)} reads it. */
    Style style(String nameOrFile) throws IOException {
        Path file = Path.of(nameOrFile);
        return nameOrFile.endsWith(".json") || nameOrFile.endsWith(".zip") || Files.isRegularFile(file)
                ? style(file)
                : new ShippedStyles().get(nameOrFile);
    }

    /** A style file, or a ZIP of a style and its fonts, which are put on the shelf. */
    Style style(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        if (!StylePackage.isOne(bytes)) {
            return StyleCheck.read(CaptionOptions.text(file));
        }
        StylePackage packed = StylePackage.read(bytes);
        packed.fonts().forEach(font -> add(font.name(), font.file()));
        List<byte[]> drawings =
                packed.stickers().stream().map(StylePackage.PackedSticker::file).toList();
        Stickers.named(drawings, StyleCheck.stickers(packed.style())).forEach(stickers::add);
        return packed.style();
    }
}
