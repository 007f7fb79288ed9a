package saltdrum.core.motion;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import saltdrum.core.BadInputException;

/** How captions come in: all of a cue at once, or each word as it is spoken. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Appear.class, name = "NONE"),
    @JsonSubTypes.Type(value = Pop.class, name = "POP"),
    @JsonSubTypes.Type(value = Rise.class, name = "RISE"),
    @JsonSubTypes.Type(value = Fade.class, name = "FADE"),
})
public sealed interface Entrance extends Motion permits Appear, Pop, Rise, Fade {
    Unit unit();

    int ms();

    enum Unit {
        CUE,
        WORD
    }

    static void check(Unit unit, int ms, double amount) {
        Motion.checkLength(ms);
        if (unit == null || !(Math.abs(amount) <= 4)) {
            throw new BadInputException("An entrance needs a unit, 0 to 2000 ms and an amount within 4.");
        }
    }
}
