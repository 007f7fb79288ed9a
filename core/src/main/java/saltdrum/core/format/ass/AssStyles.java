package saltdrum.core.format.ass;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import saltdrum.core.BadInputException;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.format.file.Lines;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Face;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.Fit;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;
import saltdrum.core.style.Style;

/**
 * Reads the looks of an Advanced SubStation Alpha file as styles: the fields of its {@code [V4+ Styles]} section, as
 * libass reads them. Only valid numbers are used; missing values take their defaults.
 */
public final class AssStyles {
    private static final List<String> FIELDS = List.of(
            ("name,fontname,fontsize,primarycolour,secondarycolour,outlinecolour,backcolour,bold,italic,underline,"
                            + "strikeout,scalex,scaley,spacing,angle,borderstyle,outline,shadow,alignment,marginl,marginr,"
                            + "marginv,encoding")
                    .split(","));
    private static final int MOST = 200;
    private static final int MOST_NAME = 60;
    private static final double BOX = 3;

    private AssStyles() {}

    /** @throws BadInputException if it contains no style */
    public static List<Style> read(String text, FontHeights heights) {
        Map<String, Style> styles = new LinkedHashMap<>();
        List<String> fields = FIELDS;
        double width = 384;
        double height = 288;
        boolean inStyles = false;
        for (String raw : Lines.of(text)) {
            String line = raw.strip();
            String lower = line.toLowerCase(Locale.ROOT);
            if (line.startsWith("[")) {
                inStyles = lower.startsWith("[v4");
            } else if (lower.startsWith("playresx:")) {
                width = number(line.substring(9), width, 1, 20_000);
            } else if (lower.startsWith("playresy:")) {
                height = number(line.substring(9), height, 1, 20_000);
            } else if (inStyles && lower.startsWith("format:")) {
                fields = List.of(lower.substring(7).replace(" ", "").split(","));
            } else if (inStyles && lower.startsWith("style:") && styles.size() < MOST) {
                Style style = new Fields(fields, line.substring(6), width, height).style(heights);
                styles.put(style.name().toLowerCase(Locale.ROOT), style);
            }
        }
        if (styles.isEmpty()) {
            throw new BadInputException("There is no style in this file. Nothing was imported.");
        }
        return List.copyOf(styles.values());
    }

    private static double number(String text, double otherwise, double least, double most) {
        try {
            double value = Double.parseDouble(text.strip());
            return value >= least && value <= most ? value : otherwise;
        } catch (NumberFormatException e) {
            return otherwise;
        }
    }

    /** One style's line. */
    private static final class Fields {
        private static final String UNNAMED = "Arial";
        private static final int BOLD = 700;
        private static final int REGULAR = 400;

        private final Map<String, String> values = new LinkedHashMap<>();
        private final double width;
        private final double height;

        Fields(List<String> fields, String line, double width, double height) {
            String[] parts = line.split(",", -1);
            for (int i = 0; i < Math.min(parts.length, fields.size()); i++) {
                values.put(fields.get(i), parts[i].strip());
            }
            this.width = width;
            this.height = height;
        }

        private double get(String name, double otherwise, double least, double most) {
            return number(values.getOrDefault(name, ""), otherwise, least, most);
        }

        private boolean on(String name) {
            return get(name, 0, -1, 1000) != 0;
        }

        Style style(FontHeights heights) {
            String family = values.getOrDefault("fontname", "").replaceFirst("^@", "");
            Face face = new Face(family.isBlank() ? UNNAMED : family, on("bold") ? BOLD : REGULAR);
            double points = get("fontsize", 18, 1, 2000) / heights.cellOf(face);
            double across = get("scalex", 100, 5, 1000);
            double up = get("scaley", 100, 5, 1000);
            double size = points * up / 100 * 1080 / Math.min(width, height);
            String name = values.getOrDefault("name", "").replaceFirst("^\\*+", "");
            LookPatch look = LookPatch.NONE
                    .with(Facets.SIZE, within(size, 8, 600))
                    .with(Facets.WEIGHT, (double) face.weight())
                    .with(Facets.ITALIC, on("italic"))
                    .with(Facets.UNDERLINE, on("underline"))
                    .with(Facets.STRETCH, within(across / up, 0.5, 2))
                    .with(Facets.LETTER_SPACING, within(get("spacing", 0, -500, 500) / points, -0.3, 1))
                    .with(Facets.TILT, within(-get("angle", 0, -360, 360), -45, 45))
                    .with(Facets.FILL, Ink.of(colour("primarycolour", "#ffffff")))
                    .with(Facets.FIT, Fit.CUE);
            if (!family.isBlank() && family.length() <= 100) {
                look = look.with(Facets.TYPEFACE, family);
            }
            return new Style(
                    name.isBlank() ? "ASS" : name.substring(0, Math.min(MOST_NAME, name.length())),
                    "From an ASS file.",
                    placed(coated(look, points)),
                    List.of());
        }

        private LookPatch coated(LookPatch look, double points) {
            double outline = within(get("outline", 2, 0, 200) / points, 0, 0.5);
            double shadow = within(get("shadow", 2, 0, 200) / points, 0, 2);
            String back = colour("backcolour", "#000000");
            Ink edge = Ink.of(colour("outlinecolour", "#000000"));
            TextShadow.Soft cast = shadow > 0 ? new TextShadow.Soft(back, shadow, shadow, 0, 0) : null;
            if (get("borderstyle", 1, 0, 9) == BOX) {
                return look.with(Facets.OUTLINES, List.of())
                        .with(Facets.SHADOWS, List.of())
                        .with(
                                Facets.PLATES,
                                List.of(new Backing(
                                        Backing.Behind.LINE,
                                        Backing.Form.BOX,
                                        outline,
                                        Math.max(-0.5, outline - 0.1),
                                        0,
                                        edge,
                                        null,
                                        cast,
                                        1)));
            }
            return look.with(Facets.OUTLINES, outline > 0 ? List.of(new TextOutline(outline, edge)) : List.of())
                    .with(Facets.SHADOWS, cast == null ? List.of() : List.of((TextShadow) cast))
                    .with(Facets.PLATES, List.of());
        }

        private LookPatch placed(LookPatch look) {
            int alignment = (int) get("alignment", 2, 1, 9);
            double left = get("marginl", 0, 0, width) / width;
            double right = get("marginr", 0, 0, width) / width;
            double vertical = get("marginv", 0, 0, height) / height;
            int row = (alignment - 1) / 3;
            int column = (alignment - 1) % 3;
            return look.with(Facets.ALIGN, Align.values()[column])
                    .with(Facets.X, within((left + 1 - right) / 2, 0, 1))
                    .with(Facets.WIDEST, within(1 - left - right, 0.1, 1))
                    .with(Facets.GROW, Grow.values()[row])
                    .with(Facets.Y, row == 0 ? 1 - vertical : row == 1 ? 0.5 : vertical);
        }

        /** {@code &HAABBGGRR} or a plain number; alpha 00 is opaque. */
        private String colour(String name, String otherwise) {
            String text = values.getOrDefault(name, "").toUpperCase(Locale.ROOT);
            try {
                long abgr = text.startsWith("&H")
                        ? Long.parseLong(text.substring(2).replace("&", ""), 16)
                        : Long.parseLong(text);
                long alpha = 255 - (abgr >> 24 & 255);
                String rgb = String.format(Locale.ROOT, "#%02x%02x%02x", abgr & 255, abgr >> 8 & 255, abgr >> 16 & 255);
                return alpha == 255 ? rgb : rgb + String.format(Locale.ROOT, "%02x", alpha);
            } catch (NumberFormatException e) {
                return otherwise;
            }
        }
    }

    private static double within(double value, double least, double most) {
        return Math.max(least, Math.min(most, Math.round(value * 10_000) / 10_000.0));
    }
}
