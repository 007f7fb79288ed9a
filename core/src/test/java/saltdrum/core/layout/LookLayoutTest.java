package saltdrum.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static saltdrum.core.layout.Leaves.leaves;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.layout.type.Contours;
import saltdrum.core.layout.type.Outlines;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.look.Backing;
import saltdrum.core.look.Face;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.Fit;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.FacetChoices.Letters;
import saltdrum.core.look.FacetChoices.Punctuation;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;
import saltdrum.core.paint.GradientStop;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Pose;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.LookBook;
import saltdrum.core.style.Style;
import saltdrum.core.text.Hyphens;

/** Letters are blocks of half an em, so that every result can be computed by hand. */
class LookLayoutTest {
    private static final Size TALL = new Size(1080, 1920);
    /** 100 px letters: 50 px wide, 70 high; a space is 25. */
    private static final LookPatch PLAIN = LookPatch.of(Facets.SIZE, 100d).with(Facets.Y, 0.5);

    private static Scene scene(Track track, LookPatch look) {
        return new SceneMaker(new BlockTypesetter()).make(track, new Style("test", null, look, List.of()), TALL);
    }

    private static List<Mark.Glyphs> glyphs(String text, LookPatch look) {
        return leaves(
                scene(Words.track(Recipe.PHRASE, text), look).parts().get(0).marks(), Mark.Glyphs.class);
    }

    private static Mark.Plate plate(String text, Backing backing) {
        Scene scene = scene(Words.track(Recipe.PHRASE, text), PLAIN.with(Facets.PLATES, List.of(backing)));
        return leaves(scene.parts().get(0).marks(), Mark.Plate.class).get(0);
    }

    @Test
    void aLineStandsWhereItIsAligned() {
        // “ab cd” is 2 × 100 + 25 wide; the widest line 0.8 × 1080 = 864.
        LookPatch look = PLAIN.with(Facets.WIDEST, 0.8);
        assertThat(glyphs("ab cd", look).get(0).x()).isEqualTo(540 - 112.5);
        assertThat(glyphs("ab cd", look.with(Facets.ALIGN, Align.START)).get(0).x())
                .isEqualTo(540 - 432.0);
        assertThat(glyphs("ab cd", look.with(Facets.ALIGN, Align.END)).get(0).x())
                .isEqualTo(540 + 432 - 225.0);
    }

    @Test
    void aTiltTurnsTheCueAsOneAboutItsMiddle() {
        LookPatch plated = PLAIN.with(Facets.TILT, 10d)
                .with(Facets.PLATES, List.of(Backing.BLANK))
                .with(Facets.WIDEST, 0.95);
        List<Mark> marks = scene(Words.track(Recipe.PHRASE, "ab cd"), plated)
                .parts()
                .get(0)
                .marks();
        assertThat(marks).hasSize(1);
        Mark.Group block = (Mark.Group) marks.get(0);
        // Capitals are 70 high, in the middle of a line at half the height of the frame.
        assertThat(block.pose()).isEqualTo(new Pose(540, 960, 10));
        assertThat(leaves(marks, Mark.Plate.class)).isNotEmpty();
        assertThat(leaves(marks, Mark.Glyphs.class))
                .hasSize(2)
                .allSatisfy(word -> assertThat(word.pose().tilt()).isZero());
        // The end of the line, 112.5 from the middle, comes down by its sine.
        double end = Math.sin(Math.toRadians(10)) * 112.5;
        Affine way = Affine.of(block.pose(), MarkState.REST);
        assertThat(way.of(new Box(652.5, 960, 0, 0)).y()).isCloseTo(960 + end, within(1e-9));
    }

    @Test
    void aWordOfAnotherTiltIsTurnedByTheRest() {
        Track track = Words.track(Recipe.PHRASE, "ab cd");
        long word = track.words().toList().get(1).id();
        Track bent = ChangeLook.ofWords(List.of(word), LookPatch.of(Facets.TILT, -5d))
                .on(track);
        List<Mark> marks =
                scene(bent, PLAIN.with(Facets.TILT, 10d)).parts().get(0).marks();
        assertThat(leaves(marks, Mark.Glyphs.class))
                .extracting(mark -> mark.pose().tilt())
                .containsExactly(0.0, -15.0);
        Mark.Glyphs alone = leaves(scene(bent, PLAIN).parts().get(0).marks(), Mark.Glyphs.class)
                .get(1);
        assertThat(alone.pose().tilt()).isEqualTo(-5);
    }

    @Test
    void aBlockGrowsFromItsPlace() {
        // One line of 120 px, the capitals' middle in its middle: the baseline is 35 below that.
        assertThat(glyphs("ab", PLAIN).get(0).y()).isEqualTo(960 + 35.0);
        assertThat(glyphs("ab", PLAIN.with(Facets.GROW, Grow.UP)).get(0).y()).isEqualTo(960 - 60 + 35.0);
        assertThat(glyphs("ab", PLAIN.with(Facets.GROW, Grow.DOWN)).get(0).y()).isEqualTo(960 + 60 + 35.0);
    }

    @Test
    void spacingMovesLettersAndWords() {
        List<Mark.Glyphs> words =
                glyphs("ab cd", PLAIN.with(Facets.LETTER_SPACING, 0.1).with(Facets.WORD_SPACING, 0.2));
        assertThat(words.get(0).glyphs().get(1).x()).isEqualTo(600);
        // Two letters and 10 px between them, then a space of 25 + 10 + 20.
        assertThat(words.get(1).x() - words.get(0).x()).isEqualTo(110 + 55.0);
    }

    @Test
    void lettersAreWrittenAsChosen() {
        assertThat(names("iI ijssel", Letters.UPPER)).isEqualTo("II IJSSEL");
        assertThat(names("ROW Home", Letters.LOWER)).isEqualTo("row home");
        assertThat(names("row hOME", Letters.TITLE)).isEqualTo("Row Home");
    }

    @Test
    void whatIsNotOnTheScreenStaysInTheWords() {
        LookPatch twoLines = PLAIN.with(Facets.SIZE, 300d)
                .with(Facets.FIT, Fit.BREAK)
                .with(Facets.MOST_LINES, 2d)
                .with(Facets.PUNCTUATION, Punctuation.LINE_ENDS);
        Track track = Words.track(Recipe.PHRASE, "ab, c, de, fg.");
        String shown = names(leaves(scene(track, twoLines).parts().get(0).marks(), Mark.Glyphs.class));
        assertThat(shown).isEqualTo("ab, c de, fg");
        assertThat(track.cues().get(0).text()).isEqualTo("ab, c, de, fg.");
    }

    private static String names(String text, Letters letters) {
        return names(glyphs(text, PLAIN.with(Facets.LETTERS, letters)));
    }

    private static String names(List<Mark.Glyphs> words) {
        return String.join(
                " ",
                words.stream()
                        .map(word -> String.join(
                                "",
                                word.glyphs().stream()
                                        .map(g -> g.glyph().substring(1))
                                        .toList()))
                        .toList());
    }

    @Test
    void outlinesLieUnderEachOtherAndShadowsUnderAll() {
        TextOutline thin = new TextOutline(0.02, Ink.of("#111111"));
        TextOutline wide = new TextOutline(0.1, Ink.of("#222222"));
        List<PaintLayer> coats = glyphs(
                        "ab",
                        PLAIN.with(Facets.OUTLINES, List.of(thin, wide))
                                .with(Facets.SHADOWS, List.of(new TextShadow.Soft("#333333", 0, 0.05, 0.1, 0.03))))
                .get(0)
                .coats();
        assertThat(coats)
                .containsExactly(
                        new PaintLayer.Shadow("#333333", 0, 5, 10, 13),
                        new PaintLayer.Outline(new Paint.Solid("#222222"), 10, PaintLayer.Join.ROUND),
                        new PaintLayer.Outline(new Paint.Solid("#111111"), 2, PaintLayer.Join.ROUND),
                        new PaintLayer.Fill(new Paint.Solid("#ffffff")));
    }

    @Test
    void aBlendRunsAcrossWhatItSays() {
        List<GradientStop> stops = List.of(new GradientStop(0, "#000000"), new GradientStop(1, "#ffffff"));
        // To the right across two words of 100 px with 25 between: 427.5 to 652.5.
        for (Ink.Across across : List.of(Ink.Across.LINE, Ink.Across.CUE)) {
            Paint.Linear line = (Paint.Linear)
                    fill(glyphs("ab cd", PLAIN.with(Facets.FILL, new Ink.Blend(across, false, 90, stops)))
                            .get(1));
            assertThat(line.fromX()).isEqualTo(427.5);
            assertThat(line.toX()).isEqualTo(652.5);
            assertThat(line.fromY()).isEqualTo(line.toY());
        }
        Paint.Linear word = (Paint.Linear)
                fill(glyphs("ab cd", PLAIN.with(Facets.FILL, new Ink.Blend(Ink.Across.WORD, false, 90, stops)))
                        .get(1));
        assertThat(word.fromX()).isEqualTo(552.5);
        assertThat(word.toX()).isEqualTo(652.5);
        List<Mark.Glyphs> letters =
                glyphs("ab", PLAIN.with(Facets.FILL, new Ink.Blend(Ink.Across.LETTER, false, 180, stops)));
        assertThat(letters).hasSize(2);
        // Downwards: from the capitals' top to the baseline.
        Paint.Linear down = (Paint.Linear) fill(letters.get(1));
        assertThat(down.toY() - down.fromY()).isEqualTo(70);
        assertThat(down.fromX()).isEqualTo(565, within(0.01));
    }

    private static Paint fill(Mark.Glyphs word) {
        return ((PaintLayer.Fill) word.coats().get(word.coats().size() - 1)).paint();
    }

    /** A thick outline showed beyond its plate. */
    @Test
    void aPlateHasRoomForTheOutlinesOfItsLetters() {
        Ink black = Ink.of("#000000");
        LookPatch thick = PLAIN.with(Facets.OUTLINES, List.of(new TextOutline(0.3, black)));
        Backing line = Backing.box(Backing.Behind.LINE, 0.1, 0, 0, black);
        for (Backing backing : List.of(line, Backing.box(Backing.Behind.WORD, 0.1, 0, 0, black))) {
            List<Mark> marks = scene(Words.track(Recipe.PHRASE, "ab cd"), thick.with(Facets.PLATES, List.of(backing)))
                    .parts()
                    .get(0)
                    .marks();
            Mark.Plate plate = leaves(marks, Mark.Plate.class).get(0);
            Mark.Glyphs word = leaves(marks, Mark.Glyphs.class).get(0);
            assertThat(plate.x()).isEqualTo(word.x() - 30);
            // Capitals are 70 high; the room for descenders and accents is 20.
            assertThat(plate.height()).isEqualTo(70 + 2 * (20 + 30));
        }
        // A plate that is smaller than its letters is meant so.
        Mark.Plate small = leaves(
                        scene(
                                        Words.track(Recipe.PHRASE, "ab"),
                                        thick.with(
                                                Facets.PLATES,
                                                List.of(Backing.box(Backing.Behind.LINE, -0.2, 0.1, 0, black))))
                                .parts()
                                .get(0)
                                .marks(),
                        Mark.Plate.class)
                .get(0);
        assertThat(small.width()).isEqualTo(100 - 40);
    }

    @Test
    void aPlateIsAsWideAsWhatItIsBehind() {
        Ink black = Ink.of("#000000");
        Mark.Plate line = plate("ab cd", Backing.box(Backing.Behind.LINE, 0.2, 0.1, 0.5, black));
        assertThat(line.x()).isEqualTo(427.5 - 20);
        assertThat(line.width()).isEqualTo(225 + 40.0);
        assertThat(line.height()).isEqualTo(70 + 2 * 30.0);
        Mark.Plate word = plate("ab cd", Backing.box(Backing.Behind.WORD, 0.2, 0.1, 0.5, black));
        assertThat(word.width()).isEqualTo(140);
        Mark.Plate frame = plate("ab cd", Backing.box(Backing.Behind.FRAME, 0, 0.1, 0, black));
        assertThat(frame.x()).isLessThan(0);
        assertThat(frame.x() + frame.width()).isGreaterThan(1080);
        Mark.Plate pill =
                plate("ab", new Backing(Backing.Behind.CUE, Backing.Form.PILL, 0.2, 0, 0, black, null, null, 1));
        assertThat(pill.radius()).isEqualTo(pill.height() / 2);
    }

    @Test
    void onlyTheLongWordIsShrunk() {
        // 24 letters are 1200 px; the line may be 540.
        LookPatch look = PLAIN.with(Facets.WIDEST, 0.5).with(Facets.FIT, Fit.WORD);
        Track track = Words.track(Recipe.ONE_WORD, "abcdefghijklmnopqrstuvwx cd");
        List<Part> parts = scene(track, look).parts();
        assertThat(parts.get(0).fit()).isEqualTo(0.45);
        assertThat(leaves(parts.get(0).marks(), Mark.Glyphs.class).get(0).size())
                .isEqualTo(45);
        assertThat(parts.get(1).fit()).isEqualTo(1);
    }

    @Test
    void allCuesAreShrunkAlike() {
        LookPatch look = PLAIN.with(Facets.WIDEST, 0.5).with(Facets.FIT, Fit.ALL);
        Track track = Words.track(Recipe.ONE_WORD, "abcdefghijklmnopqrstuvwx cd");
        assertThat(scene(track, look).parts()).extracting(Part::fit).containsExactly(0.45, 0.45);
    }

    /** Every cue was set again at each edit, to find the widest. */
    @Test
    void whereAllAreShrunkAlikeAnEditSetsOnlyWhatItChanged() {
        AtomicInteger shaped = new AtomicInteger();
        SceneMaker maker = new SceneMaker(new BlockTypesetter() {
            @Override
            public ShapedWord shape(String text, Face face, String language) {
                shaped.incrementAndGet();
                return super.shape(text, face, language);
            }
        });
        LookPatch look = PLAIN.with(Facets.WIDEST, 0.5).with(Facets.FIT, Fit.ALL);
        Style style = new Style("test", null, look, List.of());
        Track track = Words.track(Recipe.ONE_WORD, "oar tide rope ".repeat(40) + "lantern");
        maker.make(track, style, TALL);
        int whole = shaped.getAndSet(0);
        Cue first = track.cues().get(0);
        maker.make(new RetypeCue(first.id(), "boat").on(track), style, TALL);
        assertThat(whole).isGreaterThan(120);
        assertThat(shaped.get()).isBetween(1, 6);
    }

    @Test
    void aWideCueIsBrokenIntoMoreEvenLines() {
        LookPatch look =
                PLAIN.with(Facets.WIDEST, 0.5).with(Facets.FIT, Fit.BREAK).with(Facets.MOST_LINES, 3d);
        // Four words of 200 px: 875 in one line, 425 in two.
        List<Mark.Glyphs> words = glyphs("abcd efgh ijkl mnop", look);
        assertThat(words.stream().map(Mark.Glyphs::y).distinct()).hasSize(2);
        assertThat(words.get(0).size()).isEqualTo(100);
        assertThat(words.get(2).x()).isEqualTo(words.get(0).x());
        // In one line at most it is shrunk after all.
        List<Mark.Glyphs> one = glyphs("abcd efgh ijkl mnop", look.with(Facets.MOST_LINES, 1d));
        assertThat(one.get(0).size()).isCloseTo(100 * 540 / 875.0, within(0.01));
    }

    @Test
    void aLongWordIsDividedAtItsSyllables() {
        // Twelve letters are 600 px; the line may be 378: “lantern-” is 400 at 100, so the point before it is taken.
        Hyphens hyphens = (word, language) -> word.startsWith("lantern") ? List.of(3, 7) : List.of();
        LookPatch look = PLAIN.with(Facets.WIDEST, 0.35).with(Facets.FIT, Fit.HYPHENATE);
        Scene scene = new SceneMaker(new BlockTypesetter(), hyphens)
                .make(Words.track(Recipe.PHRASE, "ab lanternlight cd"), new Style("test", null, look, List.of()), TALL);
        List<Mark.Glyphs> words = leaves(scene.parts().get(0).marks(), Mark.Glyphs.class);
        assertThat(words).extracting(word -> word.glyphs().size()).containsExactly(2, 4, 5, 5, 2);
        assertThat(words.stream().map(Mark.Glyphs::y).distinct()).hasSize(4);
        assertThat(words).allMatch(word -> word.size() == 100);
        assertThat(words.get(1).wordId()).isEqualTo(words.get(3).wordId());
        // A language without patterns: the cue is shrunk after all.
        assertThat(glyphs("ab lanternlight cd", look).get(1).size()).isLessThan(100);
    }

    @Test
    void aWordsOwnLookIsItsOwn() {
        Track track = Words.track(Recipe.PHRASE, "ab cd");
        long second = track.words().skip(1).findFirst().orElseThrow().id();
        Track bent = ChangeLook.ofWords(
                        List.of(second), LookPatch.of(Facets.SCALE, 1.5).with(Facets.TILT, 7d))
                .on(track);
        List<Mark.Glyphs> words = leaves(scene(bent, PLAIN).parts().get(0).marks(), Mark.Glyphs.class);
        assertThat(words.get(0).size()).isEqualTo(100);
        assertThat(words.get(1).size()).isEqualTo(150);
        assertThat(words.get(1).pose().tilt()).isEqualTo(7);
    }

    @Test
    void aSquareDrawnOutIsSquareShadowAndTheWayBetween() {
        String path = Outlines.sweep("M0 0L100 0L100 -100L0 -100Z", 50, 50);
        double area = Contours.of(path).stream()
                .mapToDouble(Contours::area)
                .map(a -> Math.signum(a))
                .distinct()
                .count();
        // All wound alike, or the nonzero rule would cut holes.
        assertThat(area).isEqualTo(1);
        assertThat(path).contains("M50 50").contains("150 50");
        // A hole is wound the other way and stays one as far as the way does not cover it.
        String ring = "M0 0L100 0L100 -100L0 -100ZM40 -40L40 -60L60 -60L60 -40Z";
        assertThat(Contours.of(Outlines.sweep(ring, 10, 0))).hasSizeGreaterThan(4);
    }

    static List<Style> book() {
        return LookBook.pages();
    }

    @ParameterizedTest
    @MethodSource("book")
    void allInkLiesInItsBounds(Style style) {
        Scene scene = new SceneMaker(new BlockTypesetter())
                .make(Words.track(Recipe.TWO_LINES, "Sand it first or you will be back"), style, TALL);
        for (Part cue : scene.parts()) {
            for (double t = cue.startMs(); t < cue.endMs(); t += 100) {
                for (Mark mark : cue.marks()) {
                    Box ink = InkBounds.at(mark, MarkState.of(mark, t), Affine.NONE);
                    assertThat(cue.bounds().grown(0.1).holds(ink)).isTrue();
                }
            }
        }
    }
}
