package saltdrum.media.font;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.FontSlant;
import io.github.humbleui.skija.FontStyle;
import io.github.humbleui.skija.Typeface;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import saltdrum.core.Json;
import saltdrum.core.look.Face;

/**
 * The typefaces that ship, loaded once, and those of the machine that help them out where they lack a character
 * (through fontconfig). A missing weight of a family is served by its nearest. Safe for many threads.
 */
public final class FontShelf {
    /** @param italic whether the file holds the family's italic */
    private record Entry(Face face, boolean italic, Typeface typeface) {}

    /** A character, and what to look for in the font that has it. */
    private record Lack(int codePoint, int weight, String language) {}

    /** The family that stands in for one that is not here. */
    public static final String STAND_IN = "Bricolage Grotesque";

    private static final int NOBODY = -1;
    private static final int ITALIC_COSTS = 2000;

    private final List<Entry> entries = new CopyOnWriteArrayList<>();
    private final int shipped;
    private final Map<Lack, Integer> helpers = new ConcurrentHashMap<>();

    private FontShelf() {
        for (String line : Json.resource(FontShelf.class, "/saltdrum/media/fonts/faces.txt")
                .split("\n")) {
            if (!line.isBlank() && !line.startsWith("#")) {
                String[] parts = line.split("\\|");
                String weight = parts[1].trim();
                boolean italic = weight.endsWith("i");
                Face face = new Face(
                        parts[0].trim(),
                        Integer.parseInt(italic ? weight.substring(0, weight.length() - 1) : weight),
                        italic,
                        1);
                entries.add(new Entry(face, italic, load(parts[2].trim())));
            }
        }
        shipped = entries.size();
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

    /** The faces that can be chosen. */
    public List<Face> faces() {
        return entries.subList(0, shipped).stream().map(Entry::face).toList();
    }

    /** @param weights that it has, rising; in a file of its own each */
    public record Family(String name, List<Integer> weights, boolean italic) {}

    public List<Family> families() {
        return faces().stream()
                .map(Face::family)
                .distinct()
                .map(name -> {
                    List<Entry> own = entries.subList(0, shipped).stream()
                            .filter(entry -> entry.face.family().equals(name))
                            .toList();
                    return new Family(
                            name,
                            own.stream()
                                    .map(entry -> entry.face.weight())
                                    .distinct()
                                    .sorted()
                                    .toList(),
                            own.stream().anyMatch(Entry::italic));
                })
                .toList();
    }

    /** Whether a family is here; where it is not, {@link #STAND_IN} serves. */
    public boolean has(String family) {
        return faces().stream().anyMatch(face -> face.family().equalsIgnoreCase(family));
    }

    /** Index of the face that serves the wanted one. */
    int indexOf(Face wanted) {
        int best = nearest(wanted, wanted.family());
        return best >= 0 ? best : nearest(wanted, STAND_IN);
    }

    private int nearest(Face wanted, String family) {
        int best = NOBODY;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < shipped; i++) {
            Entry entry = entries.get(i);
            int off = Math.abs(entry.face.weight() - wanted.weight())
                    + (entry.italic == wanted.italic() ? 0 : ITALIC_COSTS);
            if (entry.face.family().equalsIgnoreCase(family) && off < least) {
                best = i;
                least = off;
            }
        }
        return best;
    }

    boolean has(int index, int codePoint) {
        return typeface(index).getUTF32Glyph(codePoint) != 0;
    }

    boolean italic(int index) {
        return entries.get(index).italic;
    }

    /**
     * Index of a typeface that has a character which the wanted one lacks: one that ships, else one of the machine,
     * the nearest in weight.
     *
     * @param language decides which of the Han forms is meant
     * @return −1 when nobody has it
     */
    int helping(int codePoint, Face wanted, String language) {
        for (int i = shipped - 1; i >= 0; i--) {
            if (has(i, codePoint)) {
                return i;
            }
        }
        return helpers.computeIfAbsent(new Lack(codePoint, wanted.weight(), language), this::find);
    }

    private synchronized int find(Lack lack) {
        FontStyle style = new FontStyle(lack.weight, 5, FontSlant.UPRIGHT);
        Typeface found = FontMgr.getDefault()
                .matchFamilyStyleCharacter(null, style, new String[] {lack.language}, lack.codePoint);
        // Coloured pictures have no outlines that could be drawn.
        if (found == null || found.getUTF32Glyph(lack.codePoint) == 0 || !outlined(found)) {
            return NOBODY;
        }
        for (int i = shipped; i < entries.size(); i++) {
            if (entries.get(i).typeface.getUniqueId() == found.getUniqueId()) {
                return i;
            }
        }
        entries.add(new Entry(
                new Face(found.getFamilyName(), Math.max(1, found.getFontStyle().getWeight())), false, found));
        return entries.size() - 1;
    }

    private static boolean outlined(Typeface typeface) {
        for (String table : typeface.getTableTags()) {
            if (table.equals("glyf") || table.equals("CFF ") || table.equals("CFF2")) {
                return true;
            }
        }
        return false;
    }

    Typeface typeface(int index) {
        return entries.get(index).typeface;
    }
}
