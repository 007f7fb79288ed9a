package saltdrum.core.style;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.Json;
import saltdrum.core.look.Axis;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Backing.Behind;
import saltdrum.core.look.Backing.Form;
import saltdrum.core.look.Facet;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.EmojiPosition;
import saltdrum.core.look.FacetChoices.Fit;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.FacetChoices.Letters;
import saltdrum.core.look.FacetChoices.MoneySign;
import saltdrum.core.look.FacetChoices.Punctuation;
import saltdrum.core.look.FacetChoices.QuoteMarks;
import saltdrum.core.look.FacetChoices.Within;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.Spoken;
import saltdrum.core.motion.StaggerOrder;
import saltdrum.core.motion.Tint;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.TransitionEffect;
import saltdrum.core.motion.WordArrival;
import saltdrum.core.paint.GradientStop;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.parts.ValueParts;

/** One style for each value of each facet. */
public final class LookBook {
    private static final LookPatch BASE =
            LookPatch.of(Facets.TYPEFACE, "Baloo 2").with(Facets.SIZE, 96d);
    private static final List<GradientStop> SUNSET =
            List.of(new GradientStop(0, "#ffd166"), new GradientStop(0.5, "#ef476f"), new GradientStop(1, "#26547ccc"));

    private final List<Style> pages = new ArrayList<>();

    private LookBook() {
        type();
        colour();
        outlines();
        plates();
        place();
        page(
                "tint over a blend",
                blend(Ink.Across.WORD, false, 90).with(Facets.SPOKEN, List.of(new Tint("#00ffcc", 80))));
        motion();
        emoji();
    }

    private void emoji() {
        LookPatch bell = BASE.with(Facets.EMOJI, "🔔").with(Facets.TILT, -4d);
        for (EmojiPosition at : EmojiPosition.values()) {
            page(
                    "emoji " + at,
                    bell.with(Facets.EMOJI_AT, at).with(Facets.EMOJI_SIZE, at == EmojiPosition.OVER ? 2.2 : 0.9));
        }
        page(
                "emoji that pops, moved by hand",
                bell.with(Facets.EMOJI, "👩🏽‍🚒")
                        .with(Facets.EMOJI_X, 0.4)
                        .with(Facets.EMOJI_Y, -1.1)
                        .with(Facets.OPACITY, 0.8)
                        .with(Facets.EMOJI_ENTRANCE, WordArrival.BLANK));
        page(
                "emoji out of a blur",
                bell.with(Facets.EMOJI_ENTRANCE, new WordArrival(TransitionEffect.BLUR, 240, 1, "ease-out"))
                        .with(Facets.EXIT, passage(TransitionEffect.FADE, MotionUnit.LETTER, StaggerOrder.FORWARD)));
    }

    public static List<Style> pages() {
        return List.copyOf(new LookBook().pages);
    }

    /** A page for each way, what moves, order, behaviour and accent: one that is new has its page by being there. */
    private void motion() {
        LookPatch coated = BASE.with(Facets.OUTLINES, List.of(rim(0.06, "#102030")));
        for (TransitionEffect way : TransitionEffect.values()) {
            page(
                    "comes and goes: " + way,
                    coated.with(Facets.ENTRANCE, passage(way, MotionUnit.WORD, StaggerOrder.VOICE))
                            .with(Facets.EXIT, passage(way, MotionUnit.CUE, StaggerOrder.FORWARD)));
            page(
                    "by letter: " + way,
                    coated.with(Facets.ENTRANCE, passage(way, MotionUnit.LETTER, StaggerOrder.FORWARD)));
        }
        for (MotionUnit by : MotionUnit.values()) {
            page("goes by " + by, coated.with(Facets.EXIT, passage(TransitionEffect.DROP, by, StaggerOrder.BACKWARD)));
        }
        for (StaggerOrder order : StaggerOrder.values()) {
            page(
                    "in order " + order,
                    coated.with(Facets.ENTRANCE, passage(TransitionEffect.RISE, MotionUnit.LETTER, order)));
        }
        page(
                "a spring",
                coated.with(
                        Facets.ENTRANCE,
                        new Transition(
                                TransitionEffect.SWING,
                                MotionUnit.LINE,
                                StaggerOrder.FORWARD,
                                80,
                                500,
                                1,
                                "spring(0.6)")));
        for (Spoken spoken : blanks(Spoken.class)) {
            page("while spoken: " + spoken.getClass().getSimpleName(), coated.with(Facets.SPOKEN, List.of(spoken)));
        }
        for (Accent accent : blanks(Accent.class)) {
            page("accent: " + accent.getClass().getSimpleName(), coated.with(Facets.ACCENTS, List.of(accent)));
        }
    }

    private static Transition passage(TransitionEffect way, MotionUnit by, StaggerOrder order) {
        return new Transition(way, by, order, 30, 240, 1, "ease-out");
    }

    /** What a new one of each kind is. */
    private static <T> List<T> blanks(Class<T> type) {
        return ValueParts.kinds(type).stream()
                .map(kind -> Json.read(kind.blank(), type, "blank"))
                .toList();
    }

    private void type() {
        page(
                "typeface and weight",
                BASE.with(Facets.TYPEFACE, "Barlow Condensed").with(Facets.WEIGHT, 900d));
        page("italic", BASE.with(Facets.ITALIC, true));
        page("stretch", BASE.with(Facets.STRETCH, 0.8));
        page("stretch and italic", BASE.with(Facets.STRETCH, 1.3).with(Facets.ITALIC, true));
        page(
                "axes of a variable typeface",
                BASE.with(Facets.TYPEFACE, "Fraunces")
                        .with(Facets.WEIGHT, 650d)
                        .with(Facets.AXES, List.of(new Axis("SOFT", 100), new Axis("WONK", 1), new Axis("opsz", 144))));
        page("scale", BASE.with(Facets.SCALE, 1.2));
        for (Letters letters : Letters.values()) {
            page("letters " + letters, BASE.with(Facets.LETTERS, letters));
        }
        page(
                "less punctuation, curly quotes and a sum by its name",
                BASE.with(Facets.PUNCTUATION, Punctuation.LINE_ENDS)
                        .with(Facets.QUOTES, QuoteMarks.CURLY)
                        .with(Facets.MONEY_SIGN, MoneySign.NAME));
        page(
                "spacing",
                BASE.with(Facets.LETTER_SPACING, 0.12)
                        .with(Facets.WORD_SPACING, 0.3)
                        .with(Facets.LINE_HEIGHT, 1.6));
        page("underline", BASE.with(Facets.UNDERLINE, true).with(Facets.OUTLINES, List.of(rim(0.05, "#102030"))));
    }

    private void colour() {
        page("fill", BASE.with(Facets.FILL, Ink.of("#ff6b4ac0")));
        page("opacity", BASE.with(Facets.OPACITY, 0.6).with(Facets.OUTLINES, List.of(rim(0.06, "#102030"))));
        for (Ink.Across across : Ink.Across.values()) {
            page("blend across " + across, blend(across, false, 60));
        }
        page("round blend", blend(Ink.Across.LINE, true, 0));
        page(
                "blend by letter over an outline",
                blend(Ink.Across.LETTER, false, 180).with(Facets.OUTLINES, List.of(rim(0.06, "#102030"))));
    }

    private void outlines() {
        page(
                "three outlines",
                BASE.with(Facets.OUTLINES, List.of(rim(0.04, "#ffffff"), rim(0.12, "#1b998b"), rim(0.08, "#2d3047"))));
        for (PaintLayer.Join join : PaintLayer.Join.values()) {
            page(
                    "outline " + join,
                    BASE.with(Facets.OUTLINES, List.of(new TextOutline(0.08, Ink.of("#102030"), join))));
        }
        page(
                "outline in a blend",
                BASE.with(Facets.OUTLINES, List.of(new TextOutline(0.08, ink(Ink.Across.CUE, false, 90)))));
        page("hard shadow", shade(new TextShadow.Soft("#102030", 0.05, 0.06, 0, 0)));
        page("soft shadow", shade(new TextShadow.Soft("#102030cc", 0, 0.05, 0.08, 0.02)));
        page("glow", shade(new TextShadow.Soft("#ffd166", 0, 0, 0.12, 0.03)));
        page("long shadow", shade(new TextShadow.Long("#102030", 135, 0.5)));
        page(
                "long shadow of an outline",
                shade(new TextShadow.Long("#102030", 240, 0.3)).with(Facets.OUTLINES, List.of(rim(0.05, "#26547c"))));
    }

    private void plates() {
        for (Form form : Form.values()) {
            for (Behind behind : Behind.values()) {
                page(
                        "plate " + form + " behind " + behind,
                        plate(new Backing(behind, form, 0.3, 0.08, 0.2, Ink.of("#102030"), null, null, 1)));
            }
        }
        page(
                "plate with all",
                plate(new Backing(
                        Behind.LINE,
                        Form.BOX,
                        0.3,
                        0.1,
                        0.3,
                        ink(Ink.Across.LINE, false, 90),
                        rim(0.04, "#ffffff"),
                        new TextShadow.Soft("#10203080", 0, 0.06, 0.06, 0),
                        0.8)));
    }

    private void place() {
        page("tilt", BASE.with(Facets.TILT, -6d));
        for (Align align : Align.values()) {
            page("align " + align, BASE.with(Facets.ALIGN, align).with(Facets.X, 0.45));
        }
        for (Within within : Within.values()) {
            page(
                    "within " + within,
                    BASE.with(Facets.Y, 1d).with(Facets.GROW, Grow.UP).with(Facets.WITHIN, within));
        }
        for (Grow grow : Grow.values()) {
            page("grow " + grow, BASE.with(Facets.GROW, grow).with(Facets.Y, 0.4));
        }
        for (Fit fit : Fit.values()) {
            page(
                    "fit " + fit,
                    BASE.with(Facets.SIZE, 190d)
                            .with(Facets.FIT, fit)
                            .with(Facets.WIDEST, 0.7)
                            .with(Facets.MOST_LINES, 4d));
        }
    }

    private static TextOutline rim(double width, String colour) {
        return new TextOutline(width, Ink.of(colour));
    }

    private static Ink ink(Ink.Across across, boolean round, double angle) {
        return new Ink.Blend(across, round, angle, SUNSET);
    }

    private static LookPatch blend(Ink.Across across, boolean round, double angle) {
        return BASE.with(Facets.FILL, ink(across, round, angle));
    }

    private static LookPatch shade(TextShadow shade) {
        return BASE.with(Facets.SHADOWS, List.of(shade));
    }

    private static LookPatch plate(Backing backing) {
        return BASE.with(Facets.PLATES, List.of(backing));
    }

    private void page(String name, LookPatch look) {
        pages.add(new Style(name, "", look, List.of()));
    }

    /** Facets that some page settles otherwise than at rest. */
    static boolean shows(Facet<?> facet) {
        return pages().stream()
                .map(style -> style.look().get(facet))
                .anyMatch(value -> value != null && !value.equals(facet.rest()));
    }
}
