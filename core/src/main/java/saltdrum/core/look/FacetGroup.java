package saltdrum.core.look;

/** Facets that are chosen and copied together. */
public enum FacetGroup {
    TYPE("Type"),
    COLOUR("Colour"),
    OUTLINE("Outline and shadow"),
    PLATE("Plate"),
    PLACE("Place"),
    MOTION("Motion"),
    EMOJI("Emoji at a word");

    public final String label;

    FacetGroup(String label) {
        this.label = label;
    }
}
