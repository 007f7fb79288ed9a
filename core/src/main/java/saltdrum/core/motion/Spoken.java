package saltdrum.core.motion;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import saltdrum.core.BadInputException;
import saltdrum.core.colour.Colours;

/** What a word does while it is spoken. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Spoken.Tint.class, name = "tint"),
    @JsonSubTypes.Type(value = Spoken.Lift.class, name = "lift"),
    @JsonSubTypes.Type(value = Spoken.Kindle.class, name = "kindle"),
    @JsonSubTypes.Type(value = Spoken.Sweep.class, name = "sweep"),
})
public sealed interface Spoken {
    /** Takes another fill while spoken. */
    record Tint(String fill, int ms) implements Spoken {
        public Tint {
            Colours.check(fill);
            within(ms);
        }
    }

    /** Stands higher (em) and larger (1 is its own size) while spoken. */
    record Lift(double rise, double scale, int ms) implements Spoken {
        public Lift {
            within(ms);
            if (!(Math.abs(rise) <= 2 && scale > 0.2 && scale < 3)) {
                throw new BadInputException("A lift rises within 2 em and scales between 0.2 and 3.");
            }
        }
    }

    /** Is faint before it is spoken, {@code before} opacity 0 to 1, and stays lit after. */
    record Kindle(double before, int ms) implements Spoken {
        public Kindle {
            within(ms);
            if (!(before >= 0 && before <= 1)) {
                throw new BadInputException("The opacity before must lie between 0 and 1.");
            }
        }
    }

    /** A plate runs out from the left under the word, at its pace, and goes with it. Sizes in em. */
    record Sweep(String fill, double padX, double top, double bottom, double radius, int ms) implements Spoken {
        public Sweep {
            Colours.check(fill);
            within(ms);
        }
    }

    private static void within(int ms) {
        if (ms < 0 || ms > 2000) {
            throw new BadInputException("A spoken word's motion takes 0 to 2000 ms, not " + ms + ".");
        }
    }
}
