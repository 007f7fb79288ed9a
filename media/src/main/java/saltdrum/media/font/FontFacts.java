package saltdrum.media.font;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.FontSlant;
import io.github.humbleui.skija.FontVariationAxis;
import io.github.humbleui.skija.Typeface;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * The properties of a font, read from its tables.
 *
 * @param family by which it is chosen
 * @param weight as in CSS Fonts, 1 to 1000; of a variable one where it rests
 * @param axes none where it is not variable
 * @param licence its own words about what is allowed; can be empty
 * @param closed its maker forbids to embed it (OpenType 1.9, OS/2 {@code fsType} bit 1)
 */
public record FontFacts(
        String family, int weight, boolean italic, int glyphs, List<FontAxis> axes, String licence, boolean closed) {
    private static final Set<String> OUTLINES = Set.of("glyf", "CFF ", "CFF2");
    /** As OpenType 1.9 names the values of {@code usWeightClass}. */
    private static final Map<String, Integer> WEIGHTS = Map.of(
            "Thin",
            100,
            "ExtraLight",
            200,
            "Light",
            300,
            "Medium",
            500,
            "SemiBold",
            600,
            "Bold",
            700,
            "ExtraBold",
            800,
            "Black",
            900);

    private static final int MOST_FAMILY = 100;
    private static final int RESTRICTED = 2;

    public FontFacts {
        axes = List.copyOf(axes);
    }

    /** @throws saltdrum.core.BadInputException when it is none that can be used */
    static FontFacts of(Typeface typeface) {
        if (typeface == null) {
            throw FontHead.refused("It cannot be read: it is broken, or of an unknown kind.");
        }
        if (!outlined(typeface)) {
            throw FontHead.refused("It has no outlines, only pictures of letters, and those cannot be coloured.");
        }
        NameTable names = new NameTable(table(typeface, "name"));
        String family = names.get(NameTable.TYPOGRAPHIC_FAMILY);
        int weight = Math.max(1, Math.min(1000, typeface.getFontStyle().getWeight()));
        if (family.isBlank()) {
            family = names.get(NameTable.FAMILY).isBlank() ? typeface.getFamilyName() : names.get(NameTable.FAMILY);
        }
        if (family == null || family.isBlank() || family.length() > MOST_FAMILY) {
            throw FontHead.refused("It has no family name.");
        }
        if (typeface.getGlyphsCount() < 1) {
            throw FontHead.refused("It has no letters.");
        }
        boolean italic = typeface.getFontStyle().getSlant() != FontSlant.UPRIGHT;
        byte[] os2 = table(typeface, "OS/2");
        boolean closed = os2.length >= 10 && (ByteBuffer.wrap(os2).getShort(8) & 0xf) == RESTRICTED;
        return new FontFacts(
                withoutWrongWeight(family.strip(), weight),
                weight,
                italic,
                typeface.getGlyphsCount(),
                axes(typeface),
                licence(names),
                closed);
    }

    /** One weight cut out of a variable font often keeps the name of another: “Grandstander Thin”, and it is 800. */
    private static String withoutWrongWeight(String family, int weight) {
        return WEIGHTS.entrySet().stream()
                .filter(named -> Math.abs(named.getValue() - weight) >= 100 && family.endsWith(" " + named.getKey()))
                .findFirst()
                .map(named ->
                        family.substring(0, family.length() - named.getKey().length() - 1))
                .orElse(family);
    }

    private static String licence(NameTable names) {
        List<String> parts = new ArrayList<>();
        for (int id : new int[] {NameTable.COPYRIGHT, NameTable.LICENCE, NameTable.LICENCE_ADDRESS}) {
            if (!names.get(id).isBlank()) {
                parts.add(names.get(id));
            }
        }
        return String.join("\n", parts);
    }

    /** Ascent and descent for Windows, em; those of the hhea table where a font has none. */
    static double cell(Typeface typeface) {
        byte[] os2 = table(typeface, "OS/2");
        byte[] hhea = table(typeface, "hhea");
        int cell = os2.length >= 78
                ? (ByteBuffer.wrap(os2).getShort(74) & 0xffff)
                        + (ByteBuffer.wrap(os2).getShort(76) & 0xffff)
                : 0;
        if (cell == 0 && hhea.length >= 8) {
            cell = ByteBuffer.wrap(hhea).getShort(4) - ByteBuffer.wrap(hhea).getShort(6);
        }
        return cell > 0 && typeface.getUnitsPerEm() > 0 ? cell / (double) typeface.getUnitsPerEm() : 1;
    }

    static boolean outlined(Typeface typeface) {
        for (String table : typeface.getTableTags()) {
            if (OUTLINES.contains(table)) {
                return true;
            }
        }
        return false;
    }

    /** Empty where it has none. */
    static List<FontAxis> axes(Typeface typeface) {
        FontVariationAxis[] axes = typeface.getVariationAxes();
        List<FontAxis> told = new ArrayList<>();
        for (FontVariationAxis axis : axes == null ? new FontVariationAxis[0] : axes) {
            boolean sound = axis.getMinValue() < axis.getMaxValue()
                    && axis.getMinValue() <= axis.getDefaultValue()
                    && axis.getDefaultValue() <= axis.getMaxValue();
            if (!axis.isHidden() && sound && axis.getTag().matches("[A-Za-z0-9 ]{4}")) {
                told.add(new FontAxis(
                        axis.getTag(),
                        named(axis.getTag()),
                        axis.getMinValue(),
                        axis.getDefaultValue(),
                        axis.getMaxValue()));
            }
        }
        return told;
    }

    /** The axes that OpenType registers have English names; others are named by their tags. */
    private static String named(String tag) {
        return switch (tag) {
            case FontAxis.WEIGHT -> "Weight";
            case FontAxis.WIDTH -> "Width";
            case FontAxis.SLANT -> "Slant";
            case FontAxis.ITALIC -> "Italic";
            case "opsz" -> "Optical size";
            case "GRAD" -> "Grade";
            default ->
                tag.substring(0, 1).toUpperCase(Locale.ROOT) + tag.substring(1).toLowerCase(Locale.ROOT);
        };
    }

    private static byte[] table(Typeface typeface, String tag) {
        Data data = typeface.getTableData(tag);
        return data == null ? new byte[0] : data.getBytes();
    }
}
