package saltdrum.core.motion;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import saltdrum.core.parts.Label;
import saltdrum.core.track.Tracks;

/** The motion of a word while it is spoken, and of the other words during that time. */
@Label("Behaviour")
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Tint.class, name = "tint"),
    @JsonSubTypes.Type(value = PersistentTint.class, name = "stain"),
    @JsonSubTypes.Type(value = FillFlow.class, name = "flow"),
    @JsonSubTypes.Type(value = SweepingPlate.class, name = "sweep"),
    @JsonSubTypes.Type(value = SpokenPlate.class, name = "pad"),
    @JsonSubTypes.Type(value = TravellingPlate.class, name = "travel"),
    @JsonSubTypes.Type(value = SpokenUnderline.class, name = "stroke"),
    @JsonSubTypes.Type(value = Lift.class, name = "lift"),
    @JsonSubTypes.Type(value = Hop.class, name = "hop"),
    @JsonSubTypes.Type(value = DimUntilSpoken.class, name = "kindle"),
    @JsonSubTypes.Type(value = Dim.class, name = "dim"),
})
public sealed interface Spoken extends Motion permits Spoken.Coloured, Spoken.Plated, Lift, Hop, DimUntilSpoken, Dim {
    /** What of a word it moves. */
    Moved moves();

    enum Moved {
        /** The letters of every word. */
        LETTERS,
        /** The letters of words in the plain voice; an emphasised word keeps its own colour. */
        PLAIN_LETTERS,
        /** A copy of the letters in another fill, over those of words in the plain voice. */
        COPY,
        /** A plate under the word. */
        PLATE,
        /** One plate for all words of a cue. */
        ONE_PLATE,
        /** The letters, from their lead-in before the sound. */
        LETTERS_EARLY
    }

    /** One that takes another colour. */
    sealed interface Coloured extends Spoken permits Tint, PersistentTint, FillFlow {
        String fill();

        /**
         * Whether it needs a copy of the letters in its colour over them.
         *
         * @param blended the letters' own fill is a blend, which no colour track can change
         */
        default boolean copied(boolean blended) {
            return moves() == Moved.COPY;
        }

        /** The motion of that copy. */
        default Tracks copy(Beat beat) {
            return tracks(beat);
        }

        /** Whether the copy is uncovered from one side to the other. */
        default boolean uncovered() {
            return false;
        }
    }

    /** One that draws a plate: where its edges are, in em of the cue, from the baseline upwards. */
    sealed interface Plated extends Spoken permits SweepingPlate, SpokenPlate, TravellingPlate, SpokenUnderline {
        String fill();

        double padX();

        double top();

        /** Below the baseline where it is negative. */
        double bottom();

        double radius();
    }
}
