package saltdrum.core.firstdraft;

import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Recipe;

/**
 * What is done with a client's new clip. Each part is a switch; what is missing is as in {@link #USUAL}.
 *
 * @param language BCP 47 tag of what is said
 * @param recipe that breaks the words
 * @param style name of the style
 * @param emphasis whether words that the voice stresses are emphasised
 * @param strength of the emphasis, 0 for the clearest words only to 1 for many
 * @param emoji whether words get emoji, at most one in two cues
 * @param calm whether cues are moved to where the picture is calm
 * @param mend whether what can be mended is
 * @param film whether a draft film is made
 */
public record DraftSettings(
        @MayBeMissing String language,
        @MayBeMissing Recipe recipe,
        @MayBeMissing String style,
        @MayBeMissing Boolean emphasis,
        @MayBeMissing Double strength,
        @MayBeMissing Boolean emoji,
        @MayBeMissing Boolean calm,
        @MayBeMissing Boolean mend,
        @MayBeMissing Boolean film)
        implements FromOutside {
    private static final String FIRST_STYLE = "Mallet";
    private static final double SOME = 0.4;

    /** Emphasis by the voice, mended, as a film; no emoji, and the place that the style has. */
    public static final DraftSettings USUAL = new DraftSettings(null, null, null, null, null, null, null, null, null);

    public DraftSettings {
        language = language == null || language.isBlank() ? "en" : language;
        recipe = recipe == null ? Recipe.PHRASE : recipe;
        style = style == null || style.isBlank() ? FIRST_STYLE : style;
        emphasis = emphasis == null || emphasis;
        strength = strength == null ? Double.valueOf(SOME) : strength;
        emoji = emoji != null && emoji;
        calm = calm != null && calm;
        mend = mend == null || mend;
        film = film == null || film;
        if (!(strength >= 0 && strength <= 1)) {
            throw new BadInputException("The strength of the emphasis is from 0 to 1, not " + strength + ".");
        }
    }

    public DraftSettings withStyle(String other) {
        return new DraftSettings(language, recipe, other, emphasis, strength, emoji, calm, mend, film);
    }

    public DraftSettings withRecipe(Recipe other) {
        return new DraftSettings(language, other, style, emphasis, strength, emoji, calm, mend, film);
    }

    public DraftSettings withLanguage(String other) {
        return new DraftSettings(other, recipe, style, emphasis, strength, emoji, calm, mend, film);
    }
}
