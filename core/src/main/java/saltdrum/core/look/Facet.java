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
        /** Only a word can, or a role: what every word had alike would say nothing. */
        ONE_WORD,
        /** A word cannot: it stands in a line with others. */
        CUE
    }

    Facet<T> ofOneWord() {
        return new Facet<>(name, label, group, Scope.ONE_WORD, kind, rest);
    }

    @Override
    public String toString() {
        return name;
    }
}
