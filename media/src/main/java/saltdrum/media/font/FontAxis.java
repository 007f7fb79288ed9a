package saltdrum.media.font;

/**
 * An axis of a variable font: OpenType 1.9, “fvar — Font Variations Table”.
 *
 * @param tag four letters
 * @param name for a person
 * @param rest its default value
 */
public record FontAxis(String tag, String name, double least, double rest, double most) {
    public static final String WEIGHT = "wght";
    public static final String WIDTH = "wdth";
    public static final String SLANT = "slnt";
    public static final String ITALIC = "ital";

    /** Whether another facet sets it: weight, width, italic. */
    public boolean settledElsewhere() {
        return tag.equals(WEIGHT) || tag.equals(WIDTH) || tag.equals(SLANT) || tag.equals(ITALIC);
    }

    double clamped(double value) {
        return Math.max(least, Math.min(most, value));
    }
}
