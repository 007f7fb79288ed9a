package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.format.ass.Ass;
import saltdrum.core.format.ass.AssStyles;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.look.Backing;
import saltdrum.core.look.FacetChoices.Align;
import saltdrum.core.look.FacetChoices.Grow;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextOutline;
import saltdrum.core.look.TextShadow;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.style.Voice;

class AssTest {
    private static final String HEAD =
            "[Script Info]\nScriptType: v4.00+\n\n[Events]\nFormat: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n";

    private static Read read(String events) {
        return Read.of(HEAD + events, "a.ass");
    }

    @Test
    void karaokeTagsTimeTheWords() {
        assertThat(read("Dialogue: 0,0:00:01.00,0:00:03.00,D,,0,0,0,,{\\k30}Row{\\k20} {\\k50}the{\\k100}\\Nboat")
                        .said())
                .isEqualTo("Row@1000-1300 the@1500-2000 / boat@2000-3000");
    }

    @Test
    void textWithCommasAndOtherTagsIsKept() {
        assertThat(read("Dialogue: 0,0:00:01.00,0:00:02.00,D,,0,0,0,,{\\an8\\b1}Salt,{\\b0} drum")
                        .cues
                        .get(0)
                        .text())
                .isEqualTo("Salt, drum");
    }

    @Test
    void drawingsAndCommentsAreLeftOutAndTold() {
        Read read = read("Comment: 0,0:00:00.00,0:00:01.00,D,,0,0,0,,note\n"
                + "Dialogue: 0,0:00:01.00,0:00:02.00,D,,0,0,0,,{\\p1}m 0 0 l 10 10{\\p0}\n"
                + "Dialogue: 0,0:00:02.00,0:00:03.00,D,,0,0,0,,Row");
        assertThat(read.said()).isEqualTo("Row@2000-3000");
        assertThat(read.repaired()).hasSize(2);
    }

    @Test
    void roundingNeverAddsUpAlongACue() {
        Track track = Words.track(Recipe.TWO_LINES, "Sand it first or you will be back by Friday");
        Read back = Read.of(
                Ass.write(track, new ShippedStyles().get("Mallet"), new Size(1080, 1920), FontHeights.EM), "a.ass");
        var before = track.words().toList();
        var after = back.track().words().toList();
        assertThat(after).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(Math.abs(after.get(i).startMs() - before.get(i).startMs()))
                    .isLessThanOrEqualTo(5);
        }
    }

    private static Style bent() {
        return new Style(
                "Quay",
                "",
                LookPatch.NONE
                        .with(Facets.TYPEFACE, "Oswald")
                        .with(Facets.WEIGHT, 700d)
                        .with(Facets.ITALIC, true)
                        .with(Facets.SIZE, 90d)
                        .with(Facets.STRETCH, 0.8)
                        .with(Facets.LETTER_SPACING, 0.1)
                        .with(Facets.TILT, 3d)
                        .with(Facets.FILL, Ink.of("#ffc24b80"))
                        .with(Facets.OUTLINES, List.of(new TextOutline(0.1, Ink.of("#102030"))))
                        .with(Facets.SHADOWS, List.of(new TextShadow.Soft("#000000", 0.05, 0.05, 0, 0)))
                        .with(Facets.ALIGN, Align.START)
                        .with(Facets.GROW, Grow.UP)
                        .with(Facets.X, 0.5)
                        .with(Facets.Y, 0.9)
                        .with(Facets.WIDEST, 0.8),
                List.of(new Voice(
                        "loud",
                        LookPatch.NONE.with(Facets.FILL, Ink.of("#ff0000")).with(Facets.SCALE, 1.2))));
    }

    @Test
    void aLookGoesOutAndComesInAgain() {
        Track track = Words.track(Recipe.TWO_LINES, "Sand it first");
        String file = Ass.write(track, bent(), new Size(1080, 1920), FontHeights.EM);
        LookPatch back = AssStyles.read(file, FontHeights.EM).get(0).look();
        LookPatch sent = bent().look();
        for (var facet : List.of(
                Facets.TYPEFACE,
                Facets.WEIGHT,
                Facets.ITALIC,
                Facets.SIZE,
                Facets.STRETCH,
                Facets.LETTER_SPACING,
                Facets.TILT,
                Facets.FILL,
                Facets.OUTLINES,
                Facets.ALIGN,
                Facets.GROW,
                Facets.X,
                Facets.Y,
                Facets.WIDEST)) {
            assertThat((Object) back.get(facet)).as(facet.name()).isEqualTo(sent.get(facet));
        }
    }

    @Test
    void aBoxBehindLinesIsABoxInBothWays() {
        Style boxed = new Style(
                "Boxed",
                "",
                LookPatch.NONE.with(
                        Facets.PLATES, List.of(Backing.box(Backing.Behind.LINE, 0.3, 0.2, 0, Ink.of("#ff6b4a")))),
                List.of());
        String file = Ass.write(Words.track(Recipe.TWO_LINES, "Row"), boxed, new Size(1080, 1920), FontHeights.EM);
        Backing back = AssStyles.read(file, FontHeights.EM)
                .get(0)
                .look()
                .get(Facets.PLATES)
                .get(0);
        assertThat(back.fill()).isEqualTo(Ink.of("#ff6b4a"));
        assertThat(back.padX()).isCloseTo(0.3, within(0.01));
    }

    @Test
    void emphasisIsAStyleOfItsOwnAndComesBackAsItWas() {
        Track track = Words.track(Recipe.TWO_LINES, "Sand it first");
        long second = track.words().toList().get(1).id();
        Track marked = new SetEmphasis(List.of(second), 2).on(track);
        String file = Ass.write(marked, bent(), new Size(1080, 1920), FontHeights.EM);
        assertThat(file).contains("Style: Emphasis 2,").contains("{\\rEmphasis 2}it{\\r}");
        assertThat(Read.of(file, "a.ass").track().words().map(w -> w.emphasis()))
                .containsExactly(0, 2, 0);
    }

    @Test
    void aCueWithALookOfItsOwnSaysWhatIsDifferent() {
        Track track = Words.track(Recipe.TWO_LINES, "Sand it");
        long cue = track.cues().get(0).id();
        Track changed = new ChangeLook(
                        null, List.of(cue), null, null, LookPatch.NONE.with(Facets.FILL, Ink.of("#00ff00")), List.of())
                .on(track);
        assertThat(Ass.write(changed, bent(), new Size(1080, 1920), FontHeights.EM))
                .contains("{\\1c&H00FF00&\\1a&H00&}");
    }

    @Test
    void whatAssCannotHoldIsTold() {
        Track track = Words.track(Recipe.TWO_LINES, "Sand it");
        assertThat(CaptionFormats.ASS.losses(track, new ShippedStyles().get("Tidemark")))
                .contains("motion", "the forms of plates, which become plain boxes");
        assertThat(CaptionFormats.ASS.losses(track, bent())).containsExactly("motion");
    }

    /** By hand after the fields that libass documents; numbers that cannot be read rest. */
    @Test
    void stylesOfOtherProgramsAreRead() {
        List<Style> styles = AssStyles.read(
                "[Script Info]\nPlayResX: 1920\nPlayResY: 1080\n[V4+ Styles]\n"
                        + "Format: Name, Fontname, Fontsize, PrimaryColour, OutlineColour, BackColour, Bold, BorderStyle, Outline, "
                        + "Shadow, Alignment, MarginL, MarginR, MarginV\n"
                        + "Style: Top,Ferry Sans,54,&H0000FFFF,&H00FF0000,&H80000000,-1,1,5.4,0,8,96,96,108\n"
                        + "Style: ,,NaN,blue,,,x,,-3,1e99,77,,,\n",
                FontHeights.EM);
        assertThat(styles).hasSize(2);
        LookPatch top = styles.get(0).look();
        assertThat(top.get(Facets.FILL)).isEqualTo(Ink.of("#ffff00"));
        assertThat(top.get(Facets.OUTLINES)).containsExactly(new TextOutline(0.1, Ink.of("#0000ff")));
        assertThat(top.get(Facets.SIZE)).isEqualTo(54);
        assertThat(top.get(Facets.GROW)).isEqualTo(Grow.DOWN);
        assertThat(top.get(Facets.Y)).isEqualTo(0.1);
        assertThat(top.get(Facets.WIDEST)).isEqualTo(0.9);
        assertThat(styles.get(1).name()).isEqualTo("ASS");
    }

    @Test
    void aFileWithoutStylesIsRefused() {
        assertThatThrownBy(() -> AssStyles.read("[Script Info]\n", FontHeights.EM))
                .hasMessageContaining("There is no style");
    }
}
