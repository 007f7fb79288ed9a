package saltdrum.server.store.style;

import jakarta.annotation.PostConstruct;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.scene.PictureLayer;
import saltdrum.media.emoji.Stickers;
import saltdrum.server.store.NotFoundException;

/** The stickers of this workshop. */
@Component
public class StickerStore {
    private static final int MOST = 2000;
    private static final int MOST_LABEL = 100;

    private final StickerMapper mapper;
    private final Stickers shelf;

    StickerStore(StickerMapper mapper, Stickers shelf) {
        this.mapper = mapper;
        this.shelf = shelf;
    }

    /**
     * @param name as looks have it
     * @param label for a person: what its file was called
     */
    public record StickerRow(String name, String label, boolean putAway) {}

    @PostConstruct
    void putOnShelf() {
        mapper.all()
                .forEach(row -> shelf.add(new Stickers.Sticker(
                        row.name(), List.of(Json.read(row.layers(), PictureLayer[].class, "layers of a sticker")))));
    }

    public List<StickerRow> all() {
        return mapper.all().stream()
                .map(row -> new StickerRow(row.name(), row.label(), row.putAway()))
                .toList();
    }

    /**
     * Takes a picture. The same one again is the same sticker; one that was put away is back.
     *
     * @throws BadInputException when it is neither an SVG of shapes in flat colours nor a PNG
     */
    public StickerRow take(String fileName, byte[] file) {
        return take(fileName, Stickers.read(file));
    }

    StickerRow take(String label, Stickers.Sticker sticker) {
        if (mapper.all().size() >= MOST) {
            throw new BadInputException("There are " + MOST + " stickers already, which is the limit.");
        }
        mapper.add(sticker.name(), label(label), Json.write(sticker.layers()));
        shelf.add(sticker);
        return get(sticker.name());
    }

    /** Not to be chosen any more, or again; what uses it keeps it. */
    public StickerRow putAway(String name, boolean away) {
        if (mapper.putAway(name, away) == 0) {
            throw gone();
        }
        return get(name);
    }

    private StickerRow get(String name) {
        return all().stream().filter(row -> row.name().equals(name)).findFirst().orElseThrow(StickerStore::gone);
    }

    private static String label(String fileName) {
        String plain = fileName == null ? "" : fileName.strip().replaceAll("(?i)\\.(svg|png)$", "");
        String kept = plain.isBlank() ? "Sticker" : plain;
        return kept.length() > MOST_LABEL ? kept.substring(0, MOST_LABEL) : kept;
    }

    private static NotFoundException gone() {
        return new NotFoundException("That sticker does not exist.");
    }
}
