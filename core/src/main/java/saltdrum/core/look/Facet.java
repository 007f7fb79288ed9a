package saltdrum.core.look;

/**
 * One property of a look.
 *
 * @param name in style files and the API
 * @param label for a person
 * @param scope the smallest unit that it can be set for
 * @param rest its default value; null for none
 */
public record Facet<T>(String name, String label, FacetGroup group, Scope scope, FacetKind<T> kind, T rest) {
    /** The units of a track that can override a value. */
    public enum Scope {
        WORD,
        /** Only a word can, or a role: what every word had alike would say nothing. */
        ONE_WORD,
        /** A cue, but not a word, because a word shares its line with others. */
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
