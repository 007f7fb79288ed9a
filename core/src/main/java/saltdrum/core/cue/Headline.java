package saltdrum.core.cue;

import com.fasterxml.jackson.annotation.JsonInclude;
import saltdrum.core.BadInputException;
import saltdrum.core.look.LookPatch;

/**
 * A fixed text over the picture or in a bar, for the whole clip or a part of it.
 *
 * @param text with its own line breaks; at most 300 characters
 * @param fromMs start time
 * @param toMs end time; null for the end of the clip
 * @param place where it is, unless its look overrides it
 * @param look overrides of the track's look
 */
public record Headline(
        long id,
        String text,
        int fromMs,
        Integer toMs,
        Place place,
        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = LookPatch.Nothing.class) LookPatch look) {
    public static final int MOST_CHARACTERS = 300;
    private static final int LEAST_MS = 100;

    /** In the bar above the picture or at its top, over its middle, in the bar below it or at its bottom. */
    public enum Place {
        ABOVE,
        OVER,
        BELOW
    }

    public Headline {
        look = look == null ? LookPatch.NONE : look;
        text = text == null ? "" : text.strip();
        if (text.isEmpty() || text.length() > MOST_CHARACTERS) {
            throw new BadInputException("A headline has 1 to " + MOST_CHARACTERS + " characters.");
        }
        if (place == null || fromMs < 0 || (toMs != null && toMs < fromMs + LEAST_MS)) {
            throw new BadInputException("A headline has a place, and shows for a tenth of a second at least.");
        }
    }

    public Headline withId(long newId) {
        return new Headline(newId, text, fromMs, toMs, place, look);
    }

    public Headline withLook(LookPatch newLook) {
        return new Headline(id, text, fromMs, toMs, place, newLook);
    }

    /** When it goes in a clip of that length. */
    public int endMs(int lengthMs) {
        return toMs == null ? Math.max(fromMs + LEAST_MS, lengthMs) : toMs;
    }
}
