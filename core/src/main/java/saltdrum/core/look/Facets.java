package saltdrum.core.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.look.Facet.Scope;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.EmojiPosition;
import saltdrum.core.look.FacetChoices.Fit;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.FacetChoices.Letters;
import saltdrum.core.look.FacetChoices.MoneySign;
import saltdrum.core.look.FacetChoices.Punctuation;
import saltdrum.core.look.FacetChoices.QuoteMarks;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.Spoken;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.WordArrival;

/**
 * The registry of all facets of a look. Style files, overrides, the API's description and the page's controls are
 * derived from this list.
 */
public final class Facets {
    private static final List<Facet<?>> DECLARED = new ArrayList<>();

    /** Design pixels, of which the frame's short side has 1080. */
    private static final String PX = "px";

    private static final String EM = "em";

    public static final Facet<String> TYPEFACE =
            word("typeface", "Typeface", FacetGroup.TYPE, new FacetKind.Family(), "Bricolage Grotesque");
    public static final Facet<Double> WEIGHT = number("weight", "Weight", FacetGroup.TYPE, 1, 1000, 50, "", 700);
    public static final Facet<Boolean> ITALIC =
            word("italic", "Italic", FacetGroup.TYPE, new FacetKind.Switch(), false);
    public static final Facet<Double> STRETCH = number("stretch", "Width", FacetGroup.TYPE, 0.5, 2, 0.02, "×", 1);
    /** Of a variable typeface, beside weight, width and slant. */
    public static final Facet<List<Axis>> AXES =
            word("axes", "Axes", FacetGroup.TYPE, new FacetKind.Several<>(Axis.class, 8), List.of());

    public static final Facet<Double> SIZE =
            cue("size", "Size", FacetGroup.TYPE, new FacetKind.Number(8, 600, 1, PX), 88d);
    public static final Facet<Fit> FIT =
            cue("fit", "Text that does not fit", FacetGroup.TYPE, new FacetKind.Choice<>(Fit.class), Fit.CUE);
    /** Of a word against its cue's size. */
    public static final Facet<Double> SCALE =
            oneWord("scale", "Size in its cue", FacetGroup.TYPE, new FacetKind.Number(0.2, 3, 0.02, "×"), 1d);

    public static final Facet<Letters> LETTERS =
            word("letters", "Letters", FacetGroup.TYPE, new FacetKind.Choice<>(Letters.class), Letters.AS_WRITTEN);
    public static final Facet<Punctuation> PUNCTUATION = word(
            "punctuation",
            "Commas and full stops",
            FacetGroup.TYPE,
            new FacetKind.Choice<>(Punctuation.class),
            Punctuation.AS_WRITTEN);
    public static final Facet<QuoteMarks> QUOTES =
            word("quotes", "Quotes", FacetGroup.TYPE, new FacetKind.Choice<>(QuoteMarks.class), QuoteMarks.AS_WRITTEN);
    public static final Facet<MoneySign> MONEY_SIGN = word(
            "moneySign",
            "Sums of money",
            FacetGroup.TYPE,
            new FacetKind.Choice<>(MoneySign.class),
            MoneySign.AS_WRITTEN);
    public static final Facet<Double> LETTER_SPACING =
            number("letterSpacing", "Between letters", FacetGroup.TYPE, -0.3, 1, 0.005, EM, 0);
    public static final Facet<Double> WORD_SPACING =
            cue("wordSpacing", "Between words", FacetGroup.TYPE, new FacetKind.Number(-0.3, 2, 0.01, EM), 0d);
    public static final Facet<Double> LINE_HEIGHT =
            cue("lineHeight", "Line height", FacetGroup.TYPE, new FacetKind.Number(0.5, 3, 0.02, EM), 1.2);
    public static final Facet<Boolean> UNDERLINE =
            word("underline", "Underline", FacetGroup.TYPE, new FacetKind.Switch(), false);

    public static final Facet<Ink> FILL =
            word("fill", "Fill", FacetGroup.COLOUR, new FacetKind.Value<>(Ink.class), Ink.of("#ffffff"));
    public static final Facet<Double> OPACITY = number("opacity", "Opacity", FacetGroup.COLOUR, 0, 1, 0.02, "", 1);
    public static final Facet<List<TextOutline>> OUTLINES =
            word("outlines", "Outlines", FacetGroup.OUTLINE, new FacetKind.Several<>(TextOutline.class, 4), List.of());
    public static final Facet<List<TextShadow>> SHADOWS =
            word("shadows", "Shadows", FacetGroup.OUTLINE, new FacetKind.Several<>(TextShadow.class, 4), List.of());
    public static final Facet<List<Backing>> PLATES =
            word("plates", "Plates", FacetGroup.PLATE, new FacetKind.Several<>(Backing.class, 3), List.of());

    public static final Facet<Double> TILT = number("tilt", "Tilt", FacetGroup.PLACE, -45, 45, 0.5, "°", 0);
    public static final Facet<Double> X =
            cue("x", "Across", FacetGroup.PLACE, new FacetKind.Number(0, 1, 0.005, "of the frame"), 0.5);
    public static final Facet<Double> Y =
            cue("y", "Down", FacetGroup.PLACE, new FacetKind.Number(0, 1, 0.005, "of the frame"), 0.7);
    /** Belongs to {@link #Y}: a change of that alone is a place in the frame. */
    public static final Facet<Within> WITHIN =
            cue("within", "Placed in", FacetGroup.PLACE, new FacetKind.Choice<>(Within.class), Within.FRAME);

    public static final Facet<Align> ALIGN =
            cue("align", "Alignment", FacetGroup.PLACE, new FacetKind.Choice<>(Align.class), Align.CENTRE);
    public static final Facet<Grow> GROW =
            cue("grow", "Grows", FacetGroup.PLACE, new FacetKind.Choice<>(Grow.class), Grow.BOTH);
    public static final Facet<Double> WIDEST =
            cue("widest", "Widest line", FacetGroup.PLACE, new FacetKind.Number(0.1, 1, 0.01, "of the frame"), 0.86);
    public static final Facet<Double> MOST_LINES =
            cue("mostLines", "Most lines", FacetGroup.PLACE, new FacetKind.Number(1, 6, 1, ""), 3d);

    public static final Facet<Transition> ENTRANCE =
            cue("entrance", "Coming", FacetGroup.MOTION, new FacetKind.Value<>(Transition.class), Transition.NONE);
    public static final Facet<List<Spoken>> SPOKEN =
            cue("spoken", "While spoken", FacetGroup.MOTION, new FacetKind.Several<>(Spoken.class, 4), List.of());
    public static final Facet<List<Accent>> ACCENTS = word(
            "accents", "When it is spoken", FacetGroup.MOTION, new FacetKind.Several<>(Accent.class, 4), List.of());
    public static final Facet<Transition> EXIT =
            cue("exit", "Going", FacetGroup.MOTION, new FacetKind.Value<>(Transition.class), Transition.NONE);

    public static final Facet<String> EMOJI = oneWord("emoji", "Emoji", FacetGroup.EMOJI, new FacetKind.Emoji(), "");
    public static final Facet<EmojiPosition> EMOJI_AT = word(
            "emojiAt", "Position", FacetGroup.EMOJI, new FacetKind.Choice<>(EmojiPosition.class), EmojiPosition.AFTER);
    /** Of the word's letter size. */
    public static final Facet<Double> EMOJI_SIZE =
            number("emojiSize", "Size", FacetGroup.EMOJI, 0.3, 8, 0.05, EM, 1.15);
    /** Offset from its usual position. */
    public static final Facet<Double> EMOJI_X =
            number("emojiX", "Moved across", FacetGroup.EMOJI, -12, 12, 0.05, EM, 0);

    public static final Facet<Double> EMOJI_Y = number("emojiY", "Moved down", FacetGroup.EMOJI, -12, 12, 0.05, EM, 0);
    /** A transition of its own, as its word is said; none to appear with its word. */
    public static final Facet<WordArrival> EMOJI_ENTRANCE = word(
            "emojiEntrance",
            "Coming",
            FacetGroup.EMOJI,
            new FacetKind.Value<>(WordArrival.class),
            WordArrival.WITH_WORD);

    /** In the order of their declaration. */
    public static final List<Facet<?>> ALL = List.copyOf(DECLARED);

    private static final Map<String, Facet<?>> BY_NAME =
            ALL.stream().collect(Collectors.toMap(Facet::name, Function.identity()));

    private Facets() {}

    /** @throws BadInputException if there is none of that name */
    public static Facet<?> named(String name) {
        Facet<?> facet = BY_NAME.get(name);
        if (facet == null) {
            throw new BadInputException("A look has no “" + (name.length() > 40 ? name.substring(0, 40) + "…" : name)
                    + "”. It has: " + ALL.stream().map(Facet::name).collect(Collectors.joining(", ")) + ".");
        }
        return facet;
    }

    private static <T> Facet<T> declared(Facet<T> facet) {
        DECLARED.add(facet);
        return facet;
    }

    private static <T> Facet<T> word(String name, String label, FacetGroup group, FacetKind<T> kind, T rest) {
        return declared(new Facet<>(name, label, group, Scope.WORD, kind, rest));
    }

    private static <T> Facet<T> oneWord(String name, String label, FacetGroup group, FacetKind<T> kind, T rest) {
        return declared(new Facet<>(name, label, group, Scope.WORD, kind, rest).ofOneWord());
    }

    private static <T> Facet<T> cue(String name, String label, FacetGroup group, FacetKind<T> kind, T rest) {
        return declared(new Facet<>(name, label, group, Scope.CUE, kind, rest));
    }

    private static Facet<Double> number(
            String name,
            String label,
            FacetGroup group,
            double least,
            double most,
            double step,
            String unit,
            double rest) {
        return word(name, label, group, new FacetKind.Number(least, most, step, unit), rest);
    }
}
