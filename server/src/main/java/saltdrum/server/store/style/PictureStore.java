package saltdrum.server.store.style;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.media.clip.OwnPicture;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.media.MediaStore;

/** The added pictures for the bars of frames. */
@Component
public class PictureStore {
    private static final int MOST = 500;
    private static final int MOST_LABEL = 100;

    private final PictureMapper mapper;
    private final MediaStore media;

    PictureStore(PictureMapper mapper, MediaStore media) {
        this.mapper = mapper;
        this.media = media;
    }

    /** @param label for a person: what its file was called */
    public record PictureRow(String hash, String label, int width, int height, boolean putAway) {}

    public List<PictureRow> all() {
        return mapper.all();
    }

    /**
     * Takes a picture; the same one again is the same.
     *
     * @param part work file with what came in; it is gone afterwards
     * @throws BadInputException when it is no PNG, JPEG or WebP that can be read
     */
    public PictureRow take(String fileName, Path part) {
        Path made = media.workFile(".png");
        try {
            if (mapper.all().size() >= MOST) {
                throw new BadInputException("There are " + MOST + " pictures already, which is the limit.");
            }
            OwnPicture picture = OwnPicture.read(part, made);
            String hash = media.keep(made);
            mapper.add(hash, label(fileName), picture.width(), picture.height());
            return get(hash);
        } finally {
            media.discard(part);
            media.discard(made);
        }
    }

    private static String label(String fileName) {
        String plain = fileName == null ? "" : fileName.strip().replaceAll("\\.[A-Za-z0-9]{2,5}$", "");
        String kept = plain.isBlank() ? "Picture" : plain;
        return kept.length() > MOST_LABEL ? kept.substring(0, MOST_LABEL) : kept;
    }

    /** Not to be chosen any more, or again; what uses it keeps it. */
    public PictureRow putAway(String hash, boolean away) {
        mapper.putAway(hash, away);
        return get(hash);
    }

    private PictureRow get(String hash) {
        PictureRow row = mapper.find(hash);
        if (row == null) {
            throw new NotFoundException("That picture does not exist.");
        }
        return row;
    }

    /** The encoded picture. */
    public byte[] bytes(String hash) {
        try {
            return Files.readAllBytes(media.file(get(hash).hash()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
