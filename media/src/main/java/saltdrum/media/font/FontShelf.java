package saltdrum.media.font;

import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.FontSlant;
import io.github.humbleui.skija.FontStyle;
import io.github.humbleui.skija.Typeface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.Stream;
import saltdrum.core.look.Face;

/**
 * All available typefaces: those that ship, those that were added, and those installed on the machine (through fontconfig),
 * which are also fallbacks for missing characters. A missing weight of a family is served by its nearest. Safe
 * for many threads; a typeface keeps its index for as long as the process lives.
 */
public final class FontShelf {
    /** Where a family comes from. */
    public enum Origin {
        SHIPPED,
        OWN,
        MACHINE
    }

    /** Cache key: a missing character, and the wanted properties of a fallback font. */
    private record Lack(int codePoint, int weight, String language) {}

    /** The fallback for a family that is not installed. */
    public static final String STAND_IN = "Bricolage Grotesque";

    private static final int NOBODY = -1;
    private static final int ITALIC_COSTS = 2000;

    private final List<FontEntry> entries = new CopyOnWriteArrayList<>();
    private final int shipped;
    private final Map<Lack, Integer> helpers = new ConcurrentHashMap<>();
    private final Map<Integer, List<FontAxis>> axes = new ConcurrentHashMap<>();
    private final Set<String> withdrawn = ConcurrentHashMap.newKeySet();
    private final AtomicInteger edition = new AtomicInteger();
    private boolean machineListed;

    public FontShelf() {
        entries.addAll(FontEntry.shipped());
        shipped = entries.size();
    }

    private static final class Holder {
        static final FontShelf SHELF = new FontShelf();
    }

    /** The shared shelf of this process, with shipped typefaces and those of the machine only. */
    public static FontShelf shipped() {
        return Holder.SHELF;
    }

    /**
     * Adds a font that {@link FontCheck} has accepted.
     *
     * @param id names it to its owner
     * @param file gives its bytes when they are needed
     */
    public synchronized void add(String id, FontFacts facts, Supplier<byte[]> file) {
        if (entries.stream().noneMatch(entry -> id.equals(entry.font()))) {
            entries.add(new FontEntry(
                    facts.family(),
                    facts.weight(),
                    facts.italic(),
                    Origin.OWN,
                    id,
                    Lazy.of(() -> FontEntry.opened(file.get()))));
            edition.incrementAndGet();
        }
    }

    /** Sets whether an added font can be chosen. One that cannot is still used where it was chosen before. */
    public void offer(String id, boolean offered) {
        if (offered) {
            withdrawn.remove(id);
        } else {
            withdrawn.add(id);
        }
    }

    /** Changes whenever a family may get another font than before. */
    int edition() {
        return edition.get();
    }

    /** Whether a font of that family, weight and slant can be chosen. */
    public boolean hasCut(FontFacts facts) {
        return entries.stream()
                .anyMatch(entry -> offered(entry)
                        && entry.origin() != Origin.MACHINE
                        && entry.family().equalsIgnoreCase(facts.family())
                        && entry.weight() == facts.weight()
                        && entry.italic() == facts.italic());
    }

    private boolean offered(FontEntry entry) {
        return entry.font() == null || !withdrawn.contains(entry.font());
    }

    /**
     * @param weights that it has, rising; minimum and maximum of a variable one
     * @param italic whether it has an italic
     * @param axes of a variable one, except those that other facets set
     * @param fonts the files of an uploaded family, by their names
     */
    public record Family(
            String name,
            Origin origin,
            List<Integer> weights,
            boolean italic,
            boolean variable,
            List<FontAxis> axes,
            List<String> fonts) {}

    /** All families that can be chosen: added ones first, then those that ship, then those of the machine, by name. */
    public List<Family> families() {
        listMachine();
        Map<String, List<Integer>> named = new LinkedHashMap<>();
        Stream.iterate(0, i -> i + 1)
                .limit(entries.size())
                .filter(i -> offered(entries.get(i)))
                .sorted(Comparator.comparingInt(i -> order(entries.get(i).origin())))
                .forEach(i -> named.computeIfAbsent(
                                entries.get(i).family().toLowerCase(Locale.ROOT), k -> new ArrayList<>())
                        .add(i));
        return named.values().stream().map(this::family).toList();
    }

    private static int order(Origin origin) {
        return switch (origin) {
            case OWN -> 0;
            case SHIPPED -> 1;
            case MACHINE -> 2;
        };
    }

    private Family family(List<Integer> indices) {
        List<FontEntry> own = indices.stream().map(entries::get).toList();
        // Opening every font of the machine to ask for its axes would take a second.
        List<FontAxis> all = own.get(0).origin() == Origin.MACHINE ? List.of() : axes(indices.get(0));
        Stream<Integer> weights = all.stream()
                .filter(axis -> axis.tag().equals(FontAxis.WEIGHT))
                .flatMap(axis -> Stream.of((int) axis.least(), (int) axis.most()));
        return new Family(
                own.get(0).family(),
                own.get(0).origin(),
                Stream.concat(weights, all.isEmpty() ? own.stream().map(FontEntry::weight) : Stream.empty())
                        .distinct()
                        .sorted()
                        .toList(),
                own.stream().anyMatch(FontEntry::italic),
                !all.isEmpty(),
                all.stream().filter(axis -> !axis.settledElsewhere()).toList(),
                own.stream()
                        .filter(entry -> entry.origin() == Origin.OWN)
                        .map(FontEntry::font)
                        .toList());
    }

    /** Whether a family is available; {@link #STAND_IN} replaces others. */
    public boolean has(String family) {
        if (known(family)) {
            return true;
        }
        // Looking through the machine's fonts takes half a second.
        listMachine();
        return known(family);
    }

    private boolean known(String family) {
        return entries.stream().anyMatch(entry -> entry.family().equalsIgnoreCase(family));
    }

    /** Names of all families. */
    public List<String> names() {
        listMachine();
        return entries.stream().map(FontEntry::family).distinct().toList();
    }

    private synchronized void listMachine() {
        if (machineListed) {
            return;
        }
        machineListed = true;
        entries.addAll(FontEntry.machine(name -> entries.subList(0, shipped).stream()
                .noneMatch(entry -> entry.family().equalsIgnoreCase(name))));
    }

    /** Index of the face that serves the wanted one. */
    int indexOf(Face wanted) {
        int best = nearest(wanted, wanted.family());
        if (best < 0) {
            listMachine();
            best = nearest(wanted, wanted.family());
        }
        return best >= 0 ? best : nearest(wanted, STAND_IN);
    }

    private int nearest(Face wanted, String family) {
        int best = NOBODY;
        int least = Integer.MAX_VALUE;
        for (int i = 0; i < entries.size(); i++) {
            FontEntry entry = entries.get(i);
            int off =
                    Math.abs(entry.weight() - wanted.weight()) + (entry.italic() == wanted.italic() ? 0 : ITALIC_COSTS);
            // An uploaded font is preferred to an equal one of the machine.
            boolean nearer = off < least || off == least && entry.origin() == Origin.OWN;
            if (entry.family().equalsIgnoreCase(family) && nearer && drawable(i)) {
                best = i;
                least = off;
            }
        }
        return best;
    }

    /** Coloured pictures have no outlines that could be drawn. */
    private boolean drawable(int index) {
        return entries.get(index).origin() != Origin.MACHINE || FontFacts.outlined(typeface(index));
    }

    boolean has(int index, int codePoint) {
        return typeface(index).getUTF32Glyph(codePoint) != 0;
    }

    boolean italic(int index) {
        return entries.get(index).italic();
    }

    /** The axes of a variable typeface; empty for others. */
    List<FontAxis> axes(int index) {
        return axes.computeIfAbsent(index, i -> FontFacts.axes(typeface(i)));
    }

    /**
     * Index of a fallback typeface that has a character which the wanted one lacks: a shipped one, else one of the
     * machine, the nearest in weight.
     *
     * @param language selects among Han variants
     * @return −1 if no font has it
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
        if (found == null || found.getUTF32Glyph(lack.codePoint) == 0 || !FontFacts.outlined(found)) {
            return NOBODY;
        }
        listMachine();
        for (int i = shipped; i < entries.size(); i++) {
            FontEntry entry = entries.get(i);
            if (entry.origin() == Origin.MACHINE
                    && entry.family().equals(found.getFamilyName())
                    && typeface(i).getUniqueId() == found.getUniqueId()) {
                return i;
            }
        }
        entries.add(new FontEntry(
                found.getFamilyName(),
                Math.max(1, Math.min(1000, found.getFontStyle().getWeight())),
                false,
                Origin.MACHINE,
                null,
                () -> found));
        return entries.size() - 1;
    }

    Typeface typeface(int index) {
        return entries.get(index).source().get();
    }
}
