package saltdrum.core.format;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.text.Quoted;
import saltdrum.core.text.TextFile;

/** Reads a caption file of any known format. */
public final class Captions {
    private static final int MOST_BYTES = 5_000_000;

    private Captions() {}

    /**
     * Reads by what the file holds, and by its name where that says nothing.
     *
     * @throws BadInputException when it is no caption file or holds no cue
     */
    public static CaptionFile read(byte[] bytes, String fileName) {
        if (bytes.length > MOST_BYTES) {
            throw new BadInputException(
                    Quoted.of(fileName) + " is larger than 5 MB: no clip has so many captions. Nothing was imported.");
        }
        if (bytes.length == 0) {
            throw new BadInputException(Quoted.of(fileName) + " is empty.");
        }
        List<Repair> repairs = new ArrayList<>();
        TextFile decoded = TextFile.of(bytes);
        String text = decoded.text();
        if (decoded.guessed() != null) {
            repairs.add(new Repair(0, "The file is not UTF-8; it was read as " + decoded.guessed() + "."));
        }
        CaptionFormat format = CaptionFormats.seenIn(text);
        CaptionFormat named = named(fileName);
        if (format == null) {
            format = named == null ? CaptionFormats.TEXT : named;
        } else if (named != null && named != format) {
            repairs.add(new Repair(0, "The file is " + format.label() + ", although its name has another extension."));
        }
        CaptionFile file = format.read(text);
        if (file.cues().isEmpty()) {
            throw new BadInputException(Quoted.of(fileName) + " holds no cue that can be read as " + format.label()
                    + ". A cue needs a time and a text; a script without times is pasted under Words.");
        }
        repairs.addAll(file.repairs());
        return new CaptionFile(
                file.language(), file.cues(), file.broken(), file.regions(), repairs, file.styling(), file.headlines());
    }

    private static CaptionFormat named(String fileName) {
        try {
            return CaptionFormats.named(fileName);
        } catch (BadInputException other) {
            return null;
        }
    }
}
