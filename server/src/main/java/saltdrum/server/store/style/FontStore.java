package saltdrum.server.store.style;

import jakarta.annotation.PostConstruct;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.text.Quoted;
import saltdrum.media.font.FontCheck;
import saltdrum.media.font.FontFacts;
import saltdrum.media.font.FontShelf;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.OpaqueIds;

/** The added fonts of this workshop. Each is checked before it is added to the shelf. */
@Component
public class FontStore {
    private static final int MOST_NOTE = 8000;
    private static final int MOST_NAME = 200;

    private final FontMapper mapper;
    private final FontShelf shelf;

    FontStore(FontMapper mapper, FontShelf shelf) {
        this.mapper = mapper;
        this.shelf = shelf;
    }

    @PostConstruct
    void putOnShelf() {
        all().forEach(this::putOnShelf);
    }

    private void putOnShelf(FontRow row) {
        shelf.add(row.id(), row.facts(), () -> file(row.id()));
        shelf.offer(row.id(), !row.putAway());
    }

    public List<FontRow> all() {
        return mapper.all().stream()
                .map(row -> new FontRow(
                        row.id(),
                        row.fileName(),
                        Json.read(row.facts(), FontFacts.class, "facts of a font"),
                        row.licence(),
                        row.putAway()))
                .toList();
    }

    /** @throws NotFoundException where there is none */
    public FontRow get(String id) {
        return all().stream().filter(row -> row.id().equals(id)).findFirst().orElseThrow(FontStore::gone);
    }

    public byte[] file(String id) {
        FontMapper.Bytes bytes = mapper.file(id);
        if (bytes == null) {
            throw gone();
        }
        return bytes.file();
    }

    /**
     * Takes a font. The same file again is the same font; one that was put away is back.
     *
     * @param licence what its owner notes; empty for what the font itself says
     * @throws BadInputException when it is broken or hostile, or one of its family and weight is here
     */
    public FontRow take(String fileName, String licence, byte[] file) {
        FontFacts facts = FontCheck.facts(file);
        String id = OpaqueIds.hash(file);
        boolean known = all().stream().anyMatch(row -> row.id().equals(id));
        if (!known && shelf.hasCut(facts)) {
            throw new BadInputException(Quoted.of(facts.family()) + " in weight " + facts.weight()
                    + (facts.italic() ? ", italic," : "") + " already exists. Put that one away first to replace it.");
        }
        mapper.add(
                id,
                shortened(fileName),
                Json.write(facts),
                checked(licence.isBlank() ? facts.licence() : licence),
                file);
        FontRow row = get(id);
        putOnShelf(row);
        return row;
    }

    public FontRow note(String id, String licence) {
        if (mapper.note(id, checked(licence)) == 0) {
            throw gone();
        }
        return get(id);
    }

    /** Not to be chosen any more, or again; what uses it keeps it. */
    public FontRow putAway(String id, boolean away) {
        if (mapper.putAway(id, away) == 0) {
            throw gone();
        }
        shelf.offer(id, !away);
        return get(id);
    }

    private static String checked(String licence) {
        if (licence.length() > MOST_NOTE) {
            throw new BadInputException("A note about a licence has at most " + MOST_NOTE + " letters.");
        }
        return licence.strip();
    }

    private static String shortened(String name) {
        String kept = name == null || name.isBlank() ? "font" : name.strip();
        return kept.length() > MOST_NAME ? kept.substring(0, MOST_NAME) : kept;
    }

    private static NotFoundException gone() {
        return new NotFoundException("That font does not exist.");
    }
}
