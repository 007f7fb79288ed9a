package saltdrum.core.format.ass;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.cue.BlockPlace;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.cue.Size;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.look.Backing;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Look;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;

/**
 * A look as far as Advanced SubStation Alpha holds one (the fields of a {@code [V4+ Styles]} line and the override tags of
 * the same meaning, as libass reads them). Lengths in pixels of the script's picture, colours {@code &HAABBGGRR}.
 */
record AssLook(Type type, Colours colours, Edge edge, Place place) {
    /**
     * The letters.
     *
     * @param size the height of the font's cell
     * @param scaleX percent
     * @param spacing after each letter
     */
    record Type(
            String font, double size, boolean bold, boolean italic, boolean underline, double scaleX, double spacing) {}

    /** @param back of the shadow */
    record Colours(String primary, String outline, String back) {}

    /**
     * What is around the letters.
     *
     * @param outline of the letters, or with {@code boxed} the room around them in their box
     */
    record Edge(boolean boxed, double outline, double shadow) {}

    /**
     * @param alignment as on a number pad
     * @param angle in degrees, counter-clockwise
     */
    record Place(int alignment, double angle, int marginLeft, int marginRight, int marginVertical) {}

    private static final int BOLD_FROM = 600;

    /** @param size of the picture */
    static AssLook of(Look look, Size size, SafeZones zones, FontHeights heights) {
        double em =
                look.number(Facets.SIZE) * look.number(Facets.SCALE) * Math.min(size.width(), size.height()) / 1080.0;
        Backing box = box(look);
        TextOutline rim = look.get(Facets.OUTLINES).stream().findFirst().orElse(null);
        TextShadow.Soft soft = soft(look);
        double opacity = look.number(Facets.OPACITY);
        String outlineColour = box != null
                ? bgr(box.fill().colour(), opacity * box.opacity())
                : rim == null ? "&H00000000" : bgr(rim.ink().colour(), opacity);
        BlockPlace place = BlockPlace.of(look, zones, size.design(), 1);
        double pixels = (double) size.width() / size.design().width();
        double y = BlockPlace.down(look, zones.safe(size));
        Grow grow = look.get(Facets.GROW);
        return new AssLook(
                new Type(
                        look.get(Facets.TYPEFACE).replace(',', ' '),
                        em * heights.cellOf(look.face()),
                        look.number(Facets.WEIGHT) >= BOLD_FROM,
                        look.get(Facets.ITALIC),
                        look.get(Facets.UNDERLINE),
                        100 * look.number(Facets.STRETCH),
                        look.number(Facets.LETTER_SPACING) * em),
                new Colours(
                        bgr(look.get(Facets.FILL).colour(), opacity),
                        outlineColour,
                        soft == null ? "&H80000000" : bgr(soft.colour(), opacity)),
                new Edge(
                        box != null,
                        box != null
                                ? Math.max(0, Math.min(box.padX(), box.padY() + 0.1)) * em
                                : rim == null ? 0 : rim.width() * em,
                        soft == null ? 0 : Math.max(Math.abs(soft.dx()), Math.abs(soft.dy())) * em),
                new Place(
                        alignment(look.get(Facets.ALIGN), grow),
                        -look.number(Facets.TILT),
                        (int) Math.round(Math.max(0, place.left()) * pixels),
                        (int) Math.round(Math.max(0, size.design().width() - place.right()) * pixels),
                        vertical(grow, y, size.height())));
    }

    private static int alignment(Align align, Grow grow) {
        int row = grow == Grow.UP ? 0 : grow == Grow.BOTH ? 3 : 6;
        return row + (align == Align.START ? 1 : align == Align.CENTRE ? 2 : 3);
    }

    private static int vertical(Grow grow, double y, int height) {
        return switch (grow) {
            case UP -> (int) Math.round((1 - y) * height);
            case BOTH -> 0;
            case DOWN -> (int) Math.round(y * height);
        };
    }

    private static Backing box(Look look) {
        return look.get(Facets.PLATES).stream()
                .filter(AssLook::isBox)
                .findFirst()
                .orElse(null);
    }

    private static boolean isBox(Backing plate) {
        return plate.behind() == Backing.Behind.LINE || plate.behind() == Backing.Behind.CUE;
    }

    private static TextShadow.Soft soft(Look look) {
        return look.get(Facets.SHADOWS).stream()
                .filter(TextShadow.Soft.class::isInstance)
                .map(TextShadow.Soft.class::cast)
                .findFirst()
                .orElse(null);
    }

    /** What of a look is not in here, as parts of a sentence. */
    static List<String> lost(Look look) {
        List<String> lost = new ArrayList<>();
        if (look.get(Facets.FILL) instanceof Ink.Blend) {
            lost.add("blends, which become their first colour");
        }
        List<TextOutline> rims = look.get(Facets.OUTLINES);
        Backing box = box(look);
        if (rims.size() > 1 || !rims.isEmpty() && box != null) {
            lost.add(box != null ? "outlines beside a plate" : "all outlines but the first");
        }
        List<TextShadow> shades = look.get(Facets.SHADOWS);
        if (shades.size() > 1 || shades.stream().anyMatch(AssLook::notHard)) {
            lost.add("the softness and direction of shadows");
        }
        List<Backing> plates = look.get(Facets.PLATES);
        if (plates.size() > 1
                || plates.stream().anyMatch(p -> !isBox(p) || p.form() != Backing.Form.BOX || p.radius() > 0)) {
            lost.add("the forms of plates, which become plain boxes");
        }
        if (!look.get(Facets.EMOJI).isEmpty()) {
            lost.add("emoji at words");
        }
        return lost;
    }

    private static boolean notHard(TextShadow shade) {
        return !(shade instanceof TextShadow.Soft soft)
                || soft.blur() > 0
                || soft.spread() > 0
                || soft.dx() != soft.dy();
    }

    /** As a line of {@code [V4+ Styles]}. */
    String line(String name) {
        // The word not yet spoken is the same colour, a little clear.
        String waiting = "&H60" + colours.primary.substring(4);
        return String.format(
                Locale.ROOT,
                "Style: %s,%s,%.0f,%s,%s,%s,%s,%d,%d,%d,0,%.0f,100,%.2f,%.1f,%d,%.1f,%.1f,%d,%d,%d,%d,1",
                name,
                type.font,
                type.size,
                colours.primary,
                waiting,
                colours.outline,
                colours.back,
                type.bold ? -1 : 0,
                type.italic ? -1 : 0,
                type.underline ? -1 : 0,
                type.scaleX,
                type.spacing,
                place.angle,
                edge.boxed ? 3 : 1,
                edge.outline,
                edge.shadow,
                place.alignment,
                place.marginLeft,
                place.marginRight,
                place.marginVertical);
    }

    /** The tags that make letters of another look into ones of this; empty where nothing is to be said. */
    String tagsFrom(AssLook other) {
        StringBuilder tags = new StringBuilder();
        say(tags, "\\fn", type.font, other.type.font);
        say(tags, "\\fs", whole(type.size), whole(other.type.size));
        say(tags, "\\b", type.bold ? "1" : "0", other.type.bold ? "1" : "0");
        say(tags, "\\i", type.italic ? "1" : "0", other.type.italic ? "1" : "0");
        say(tags, "\\u", type.underline ? "1" : "0", other.type.underline ? "1" : "0");
        say(tags, "\\fscx", whole(type.scaleX), whole(other.type.scaleX));
        say(tags, "\\fsp", tenth(type.spacing), tenth(other.type.spacing));
        say(tags, "\\frz", tenth(place.angle), tenth(other.place.angle));
        colour(tags, 1, colours.primary, other.colours.primary);
        colour(tags, 3, colours.outline, other.colours.outline);
        colour(tags, 4, colours.back, other.colours.back);
        say(tags, "\\bord", tenth(edge.outline), tenth(other.edge.outline));
        say(tags, "\\shad", tenth(edge.shadow), tenth(other.edge.shadow));
        return tags.toString();
    }

    /** The tags of a whole line: its place too. */
    String lineTagsFrom(AssLook other) {
        return place.alignment == other.place.alignment ? tagsFrom(other) : "\\an" + place.alignment + tagsFrom(other);
    }

    private static void say(StringBuilder tags, String tag, String value, String before) {
        if (!value.equals(before)) {
            tags.append(tag).append(value);
        }
    }

    private static void colour(StringBuilder tags, int which, String value, String before) {
        say(tags, "\\" + which + "c&H", value.substring(4) + "&", before.substring(4) + "&");
        say(tags, "\\" + which + "a&H", value.substring(2, 4) + "&", before.substring(2, 4) + "&");
    }

    private static String whole(double value) {
        return String.format(Locale.ROOT, "%.0f", value);
    }

    private static String tenth(double value) {
        return String.format(Locale.ROOT, "%.1f", value + 0.0);
    }

    /** {@code #RRGGBB} or {@code #RRGGBBAA} as {@code &HAABBGGRR}, where alpha 00 is opaque. */
    private static String bgr(String colour, double opacity) {
        int own = colour.length() == 9 ? Integer.parseInt(colour.substring(7), 16) : 255;
        return String.format(Locale.ROOT, "&H%02X", 255 - Math.round(own * opacity))
                + (colour.substring(5, 7) + colour.substring(3, 5) + colour.substring(1, 3)).toUpperCase(Locale.ROOT);
    }
}
