package saltdrum.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.CaptionImport;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.word.Word;

class WordsFileTest {
    @Test
    void overlappingWordsAreSortedAndMended() {
        Read read = Read.of(
                ""
                        + "{\"language\":\"en\",\"words\":[{\"text\":\"b\",\"start\":1.2,\"end\":2},{\"text\":\"a\",\"start\":1,\"end\":1.5}]}",
                "a.json");
        assertThat(read.said()).isEqualTo("a@1000-1200 b@1200-2000");
        assertThat(read.repaired()).hasSize(2);
    }

    @Test
    void breaksAndEmphasisAreKept() {
        Read read = Read.of(
                "{\"words\":[{\"text\":\"Row\",\"start\":1,\"end\":2,\"emphasis\":2,\"begins\":\"cue\"},"
                        + "{\"text\":\"home\",\"start\":2,\"end\":3,\"begins\":\"line\"},"
                        + "{\"text\":\"now\",\"start\":4,\"end\":5,\"begins\":\"cue\"}]}",
                "a.json");
        assertThat(read.said()).isEqualTo("Row@1000-2000 / home@2000-3000 | now@4000-5000");
        assertThat(read.cues.get(0).words().get(0).emphasis()).isEqualTo(2);
        assertThat(read.cues.get(0).given()).as("the cue follows its words").isNull();
    }

    @Test
    void aBadFileIsNamed() {
        assertThatThrownBy(() -> WordsFile.read("[]")).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> WordsFile.read("{\"words\":[{\"text\":\"a\",\"start\":-1,\"end\":2}]}"))
                .hasMessageContaining("-1");
        assertThatThrownBy(() -> WordsFile.read("{\"words\":[null]}")).hasMessageContaining("without text");
    }

    @Test
    void looksOfTrackRolesCuesAndWordsGoOutAndComeInAgain() {
        Track track = Words.track(Recipe.PHRASE, "Sand it first. Row her home.");
        long cue = track.cues().get(1).id();
        long word = track.words().findFirst().orElseThrow().id();
        track = ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 99d)).on(track);
        track = new ChangeLook(null, null, 2, null, LookPatch.of(Facets.TILT, 5d), null).on(track);
        track = ChangeLook.ofCues(List.of(cue), LookPatch.of(Facets.Y, 0.2)).on(track);
        track = ChangeLook.ofWords(List.of(word), LookPatch.of(Facets.FILL, Ink.of("#ff0000")))
                .on(track);
        CaptionFile file = WordsFile.read(WordsFile.of(track).write()).toCaptions();
        Track again = CaptionImport.of(file, "words.json", "en", Integer.MAX_VALUE)
                .edit()
                .on(Track.empty("en", track.style()).withRecipe(track.recipe()));
        assertThat(again.styling()).isEqualTo(track.styling());
        assertThat(again.cues())
                .extracting(Cue::look)
                .isEqualTo(track.cues().stream().map(Cue::look).toList());
        assertThat(again.words().map(Word::look))
                .isEqualTo(track.words().map(Word::look).toList());
    }

    @Test
    void aLookThatCannotBeIsSaidAndNothingIsTaken() {
        String file = "{\"words\": [{\"text\": \"tide\", \"start\": 0, \"end\": 1, \"look\": {\"tilt\": 400}}]}";
        assertThatThrownBy(() -> WordsFile.read(file)).hasMessageContaining("tilt");
    }

    @Test
    void aWordThatEndsBeforeItBeginsIsSaid() {
        CaptionFile file = WordsFile.read(
                        ""
                                + "{\"language\":\"en\",\"words\":[{\"text\":\"Row\",\"start\":2,\"end\":1},{\"text\":\"home\",\"start\":3,\"end\":4}]}")
                .toCaptions();
        assertThat(file.repairs())
                .extracting(CaptionFile.Repair::said)
                .containsExactly("“Row” ended before it began; it now lasts one millisecond.");
        assertThat(file.cues().get(0).words().get(0).endMs()).isEqualTo(2001);
    }

    /** The author of the file may not know Java: no class names, no parser tokens. */
    @Test
    void aFileOfAnotherShapeIsRefusedInWords() {
        for (String json : List.of(
                "[]",
                "{\"words\":5}",
                "{\"words\":[7]}",
                "{\"tide\":1}",
                "{\"words\":[{\"text\":{}}]}",
                "{\"words\":",
                "5")) {
            assertThatThrownBy(() -> WordsFile.read(json))
                    .isInstanceOf(BadInputException.class)
                    .message()
                    .doesNotContain("java", "saltdrum", "`", "token", "Token")
                    .hasSizeLessThan(200);
        }
    }
}
