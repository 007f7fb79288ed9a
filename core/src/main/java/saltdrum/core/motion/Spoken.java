package saltdrum.core.motion;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** What a word does while it is spoken. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Tint.class, name = "tint"),
    @JsonSubTypes.Type(value = Lift.class, name = "lift"),
    @JsonSubTypes.Type(value = Kindle.class, name = "kindle"),
    @JsonSubTypes.Type(value = Sweep.class, name = "sweep"),
})
public sealed interface Spoken extends Motion permits Tint, Lift, Kindle, Sweep {
    /** What of a word it moves. */
    Moved moves();

    enum Moved {
        /** The letters of every word. */
        LETTERS,
        /** The letters of words in the plain voice; an emphasised word keeps its own colour. */
        PLAIN_LETTERS,
        /** A plate of its own under the word. */
        PLATE,
        /** The letters, from their lead-in before the sound. */
        LETTERS_EARLY
    }
}
