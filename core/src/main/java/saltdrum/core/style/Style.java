package saltdrum.core.style;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.look.FacetGroup;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Look;
import saltdrum.core.look.LookPatch;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/**
 * A complete look, for any words.
 *
 * @param name unique, as the designer says it; 1 to 60 letters
 * @param about one sentence for the strip, at most 200 letters
 * @param look of plain words; what it leaves out rests
 * @param emphasis up to four voices; word emphasis 1 is the first
 */
public record Style(String name, String about, LookPatch look, List<Voice> emphasis) {
    private static final int MOST_LETTERS = 60;
    private static final int MOST_ABOUT = 200;

    public Style {
        if (name == null || name.isBlank() || name.length() > MOST_LETTERS) {
            throw new BadInputException("A style needs a name of 1 to 60 letters.");
        }
        if (about != null && about.length() > MOST_ABOUT) {
            throw new BadInputException(
                    "The style " + Quoted.of(name) + " needs a description of at most 200 letters.");
        }
        about = about == null ? "" : about;
        look = look == null ? LookPatch.NONE : look;
        emphasis = emphasis == null ? List.of() : List.copyOf(emphasis);
        if (emphasis.size() > Word.MOST_EMPHASIS) {
            throw new BadInputException("The style " + Quoted.of(name) + " has more than four emphasis voices.");
        }
    }

    public Look plain() {
        return new Look(look);
    }

    /** The overrides for that emphasis; those of the last role if the style defines fewer. */
    public LookPatch voice(int emphasisRole) {
        return emphasisRole == 0 || emphasis.isEmpty()
                ? LookPatch.NONE
                : emphasis.get(Math.min(emphasisRole, emphasis.size()) - 1).look();
    }

    /** Whether it defines only how captions move, so that it can be combined with any look. */
    public boolean onlyMotion() {
        return emphasis.isEmpty()
                && !look.isEmpty()
                && look.facets().stream().allMatch(facet -> facet.group() == FacetGroup.MOTION);
    }

    /** The motion of a look, as a style of its own. */
    public static Style motion(String name, String about, Look look) {
        LookPatch motion = LookPatch.NONE
                .with(Facets.ENTRANCE, look.get(Facets.ENTRANCE))
                .with(Facets.SPOKEN, look.get(Facets.SPOKEN))
                .with(Facets.ACCENTS, look.get(Facets.ACCENTS))
                .with(Facets.EXIT, look.get(Facets.EXIT));
        return new Style(name, about, motion, List.of());
    }

    public Style named(String newName, String newAbout) {
        return new Style(newName, newAbout, look, emphasis);
    }
}
