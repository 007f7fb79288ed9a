package saltdrum.core.firstdraft;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Recipe;
import saltdrum.core.draft.WritingPolicy;

/**
 * What is done with a client's new clip. Each part is a switch; what is missing is as in {@link #USUAL}.
 *
 * @param automatic whether it is done as soon as a clip comes in
 * @param language BCP 47 tag of what is said
 * @param policies by which the recognised words are written, in their order
 * @param recipe that breaks the words
 * @param style name of the style; null for the one that new clips have
 * @param emphasis whether words that the voice stresses are emphasised
 * @param strength of the emphasis, 0 for the clearest words only to 1 for many
 * @param emoji whether words get emoji, at most one in two cues
 * @param calm whether cues are moved to where the picture is calm
 * @param mend whether what can be mended is
 * @param film whether a draft film is made
 * @param review whether a review link to the film is prepared; it is sent to no one
 */
public record DraftSettings(
        @MayBeMissing Boolean automatic,
        @MayBeMissing String language,
        @MayBeMissing List<WritingPolicy> policies,
        @MayBeMissing Recipe recipe,
        @MayBeMissing String style,
        @MayBeMissing Boolean emphasis,
        @MayBeMissing Double strength,
        @MayBeMissing Boolean emoji,
        @MayBeMissing Boolean calm,
        @MayBeMissing Boolean mend,
        @MayBeMissing Boolean film,
        @MayBeMissing Boolean review)
        implements FromOutside {
    private static final double SOME = 0.4;

    /** Emphasis by the voice, mended, as a film; no emoji, and the place that the style has. Only when ordered. */
    public static final DraftSettings USUAL =
            new DraftSettings(null, null, null, null, null, null, null, null, null, null, null, null);

    public DraftSettings {
        automatic = automatic != null && automatic;
        language = language == null || language.isBlank() ? "en" : language;
        policies = policies == null ? WritingPolicy.USUAL : List.copyOf(policies);
        recipe = recipe == null ? Recipe.PHRASE : recipe;
        style = style == null || style.isBlank() ? null : style;
        emphasis = emphasis == null || emphasis;
        strength = strength == null ? Double.valueOf(SOME) : strength;
        emoji = emoji != null && emoji;
        calm = calm != null && calm;
        mend = mend == null || mend;
        film = film == null || film;
        review = review != null && review;
        if (!(strength >= 0 && strength <= 1)) {
            throw new BadInputException("The strength of the emphasis is from 0 to 1, not " + strength + ".");
        }
    }

    public DraftSettings withStyle(String other) {
        return new DraftSettings(
                automatic, language, policies, recipe, other, emphasis, strength, emoji, calm, mend, film, review);
    }

    public DraftSettings withRecipe(Recipe other) {
        return new DraftSettings(
                automatic, language, policies, other, style, emphasis, strength, emoji, calm, mend, film, review);
    }

    public DraftSettings withLanguage(String other) {
        return new DraftSettings(
                automatic, other, policies, recipe, style, emphasis, strength, emoji, calm, mend, film, review);
    }
}
