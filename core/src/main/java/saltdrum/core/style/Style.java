package saltdrum.core.style;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.motion.Entrance;
import saltdrum.core.motion.Spoken;
import saltdrum.core.word.Word;

/**
 * A complete look, for any words.
 *
 * @param name unique, as the designer says it
 * @param about one sentence for the strip
 * @param size of the letters in design pixels (the frame's short side is 1080), 8 to 600
 * @param lineHeight in em, 0.5 to 3
 * @param letterSpacing in em
 * @param exitMs time in which the cue fades at its end, 0 for none
 * @param emphasis up to four voices; word emphasis 1 is the first
 */
public record Style(
        String name,
        String about,
        Face face,
        double size,
        double lineHeight,
        double letterSpacing,
        Place place,
        Voice plain,
        List<Voice> emphasis,
        Backing backing,
        Entrance entrance,
        List<Spoken> spoken,
        int exitMs) {
    public Style {
        if (name == null || name.isBlank() || name.length() > 60) {
            throw new BadInputException("A style needs a name of 1 to 60 letters.");
        }
        if (face == null || place == null || plain == null || entrance == null) {
            throw new BadInputException(
                    "The style “" + name + "” needs a face, a place, a plain voice and an entrance.");
        }
        if (!(size >= 8 && size <= 600 && lineHeight >= 0.5 && lineHeight <= 3 && Math.abs(letterSpacing) <= 1)) {
            throw new BadInputException("The style “" + name
                    + "” needs a size of 8 to 600, a line height of 0.5 to 3 and a letter spacing within 1.");
        }
        emphasis = emphasis == null ? List.of() : List.copyOf(emphasis);
        spoken = spoken == null ? List.of() : List.copyOf(spoken);
        if (emphasis.size() > Word.MOST_EMPHASIS) {
            throw new BadInputException("The style “" + name + "” has more than four emphasis voices.");
        }
        if (exitMs < 0 || exitMs > 2000) {
            throw new BadInputException("The style “" + name + "” leaves in 0 to 2000 ms, not " + exitMs + ".");
        }
    }

    /** The voice for that emphasis; the nearest it has when the style defines fewer. */
    public Voice voice(int emphasisRole) {
        return emphasisRole == 0 || emphasis.isEmpty()
                ? plain
                : emphasis.get(Math.min(emphasisRole, emphasis.size()) - 1);
    }
}
