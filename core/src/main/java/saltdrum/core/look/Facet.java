package saltdrum.core.look;

/**
 * One thing that is settled about a look.
 *
 * @param name in style files and the API
 * @param label for a person
 * @param scope the smallest thing it can be settled for
 * @param rest what it is where nobody settled it; null for nothing
 */
public record Facet<T>(String name, String label, FacetGroup group, Scope scope, FacetKind<T> kind, T rest) {
    /** What of a track can have a value of its own. */
    public enum Scope {
        WORD,
        /** A word cannot: it stands in a line with others. */
        CUE
    }

    @Override
    public String toString() {
        return name;
    }
}
