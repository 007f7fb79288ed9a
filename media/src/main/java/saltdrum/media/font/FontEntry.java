package saltdrum.media.font;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.FontSlant;
import io.github.humbleui.skija.FontStyle;
import io.github.humbleui.skija.FontStyleSet;
import io.github.humbleui.skija.Typeface;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;
import saltdrum.core.Json;
import saltdrum.media.font.FontShelf.Origin;

/**
 * One typeface of the shelf, opened when it is first needed.
 *
 * @param font one that was added, as its owner names it; null for others
 */
record FontEntry(String family, int weight, boolean italic, Origin origin, String font, Supplier<Typeface> source) {
    private static final String FOLDER = "/saltdrum/media/fonts/";

    static Typeface opened(byte[] file) {
        return FontMgr.getDefault().makeFromData(Data.makeFromBytes(file));
    }

    /** Those of the list that ships: family, weight with an i for italic, file. */
    static List<FontEntry> shipped() {
        List<FontEntry> entries = new ArrayList<>();
        for (String line : Json.resource(FontEntry.class, FOLDER + "faces.txt").split("\n")) {
            if (!line.isBlank() && !line.startsWith("#")) {
                String[] parts = line.split("\\|");
                String weight = parts[1].trim();
                boolean italic = weight.endsWith("i");
                String file = parts[2].trim();
                entries.add(new FontEntry(
                        parts[0].trim(),
                        Integer.parseInt(italic ? weight.substring(0, weight.length() - 1) : weight),
                        italic,
                        Origin.SHIPPED,
                        null,
                        Lazy.of(() -> load(file))));
            }
        }
        return entries;
    }

    private static Typeface load(String file) {
        try (InputStream in = FontEntry.class.getResourceAsStream(FOLDER + file)) {
            if (in == null) {
                throw new IllegalStateException("The application is incomplete: the font " + file + " is missing.");
            }
            return opened(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Those installed on the machine, through fontconfig. @param wanted by the name of the family */
    static List<FontEntry> machine(Predicate<String> wanted) {
        List<FontEntry> entries = new ArrayList<>();
        FontMgr machine = FontMgr.getDefault();
        for (int family = 0; family < machine.getFamiliesCount(); family++) {
            String name = machine.getFamilyName(family);
            if (wanted.test(name)) {
                FontStyleSet styles = machine.makeStyleSet(family);
                for (int i = 0; i < styles.count(); i++) {
                    int at = i;
                    FontStyle style = styles.getStyle(i);
                    entries.add(new FontEntry(
                            name,
                            Math.max(1, Math.min(1000, style.getWeight())),
                            style.getSlant() != FontSlant.UPRIGHT,
                            Origin.MACHINE,
                            null,
                            Lazy.of(() -> styles.getTypeface(at))));
                }
            }
        }
        return entries;
    }
}
