package saltdrum.media.font;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.Typeface;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.style.Face;

/** The typefaces that ship, loaded once. A missing weight of a family is served by its nearest. */
public final class FontShelf {
    private record Entry(Face face, Typeface typeface) {}

    private final List<Entry> entries = new ArrayList<>();

    private FontShelf() {
        for (String line : Json.resource(FontShelf.class, "/saltdrum/media/fonts/faces.txt")
                .split("\n")) {
            if (!line.isBlank() && !line.startsWith("#")) {
                String[] parts = line.split("\\|");
                Face face = new Face(parts[0].trim(), Integer.parseInt(parts[1].trim()));
                entries.add(new Entry(face, load(parts[2].trim())));
            }
        }
    }

    private static final class Holder {
        static final FontShelf SHELF = new FontShelf();
    }

    public static FontShelf shipped() {
        return Holder.SHELF;
    }

    private static Typeface load(String file) {
        try (InputStream in = FontShelf.class.getResourceAsStream("/saltdrum/media/fonts/" + file)) {
            if (in == null) {
                throw new IllegalStateException("The application is incomplete: the font " + file + " is missing.");
            }
            return FontMgr.getDefault().makeFromData(Data.makeFromBytes(in.readAllBytes()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public List<Face> faces() {
        return entries.stream().map(Entry::face).toList();
    }

    /** Index of the face that serves the wanted one. */
    int indexOf(Face wanted) {
        int best = -1;
        for (int i = 0; i < entries.size(); i++) {
            Face face = entries.get(i).face;
            if (face.family().equalsIgnoreCase(wanted.family())
                    && (best < 0
                            || Math.abs(face.weight() - wanted.weight())
                                    < Math.abs(entries.get(best).face.weight() - wanted.weight()))) {
                best = i;
            }
        }
        if (best < 0) {
            throw new BadInputException("There is no typeface “" + wanted.family() + "” here. There are: "
                    + String.join(
                            ", ",
                            entries.stream()
                                    .map(e -> e.face.family())
                                    .distinct()
                                    .toList()) + ".");
        }
        return best;
    }

    Typeface typeface(int index) {
        return entries.get(index).typeface;
    }

    int size() {
        return entries.size();
    }
}
