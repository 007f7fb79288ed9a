package saltdrum.core.look;

/** The resolved look of one word, cue or track: every facet has a value. */
public record Look(LookPatch settled) {
    public <T> T get(Facet<T> facet) {
        T value = settled.get(facet);
        return value == null ? facet.rest() : value;
    }

    public double number(Facet<Double> facet) {
        return get(facet);
    }

    public Face face() {
        return new Face(
                get(Facets.TYPEFACE),
                (int) number(Facets.WEIGHT),
                get(Facets.ITALIC),
                number(Facets.STRETCH),
                get(Facets.AXES));
    }

    /** How far its outlines reach, em. */
    public double rim() {
        return get(Facets.OUTLINES).stream()
                .mapToDouble(TextOutline::width)
                .max()
                .orElse(0);
    }
}
