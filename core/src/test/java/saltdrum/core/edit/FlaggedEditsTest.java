package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.draft.WritingPolicy;
import saltdrum.core.edit.FlaggedEdit.AcceptUnscripted;
import saltdrum.core.edit.FlaggedEdit.DropUnscripted;
import saltdrum.core.edit.FlaggedEdit.DropWords;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.TextEdit.RewriteByPolicy;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

class FlaggedEditsTest {
    private static final List<Word> WORDS = List.of(
            Word.of(1, "Row", 1000, 1400, WordSource.ALIGNED),
            Word.of(2, "home", 1400, 2000, WordSource.ALIGNED),
            Word.of(3, "now", 4000, 4400, WordSource.NOT_FOUND));

    private static Track track(int from, int to, String guess) {
        Track track = Track.of("en", Recipe.PHRASE, "Mallet", WORDS);
        return track.withBeside(
                new TrackExtras(List.of(new Unscripted(90, from, to, guess)), null, List.of(), List.of(), null));
    }

    private static String said(Track track) {
        return track.cues().stream()
                .map(cue -> cue.words().stream()
                        .map(w -> w.text() + w.startMs() + "-" + w.endMs())
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    @Test
    void speechThatIsTakenInBecomesACueOfItsOwn() {
        Track after = new AcceptUnscripted(List.of(90L)).on(track(2200, 3000, "to sea"));
        assertThat(said(after)).isEqualTo("Row1000-1400 home1400-2000 | to2200-2600 sea2600-3000 | now4000-4400");
        assertThat(after.beside().unscripted()).isEmpty();
        assertThat(after.cues().get(1).words()).allMatch(Word::unsure);
    }

    @Test
    void itTakesOnlyTheRoomThatWordsLeave() {
        Track after = new AcceptUnscripted(List.of(90L)).on(track(1900, 2600, "to sea"));
        assertThat(said(after)).contains("to2000-2300 sea2300-2600");
    }

    @Test
    void whereThereIsNoRoomItIsRefused() {
        assertThatThrownBy(() -> new AcceptUnscripted(List.of(90L)).on(track(1450, 1800, "to sea")))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("to sea");
    }

    @Test
    void speechWithoutAGuessIsADotToTypeOver() {
        Track after = new AcceptUnscripted(List.of(90L)).on(track(2200, 3000, ""));
        assertThat(said(after)).contains("…2200-3000");
    }

    @Test
    void speechCanBeLeftOutAndOnlyOnce() {
        Track after = new DropUnscripted(List.of(90L)).on(track(2200, 3000, ""));
        assertThat(after.beside().unscripted()).isEmpty();
        assertThatThrownBy(() -> new DropUnscripted(List.of(90L)).on(after)).isInstanceOf(BadInputException.class);
    }

    @Test
    void wordsThatWereNotHeardAreDeletedWithTheirEmptyCue() {
        Track track = track(2200, 3000, "");
        long now = track.words().toList().get(2).id();
        assertThat(said(new DropWords(List.of(now)).on(track))).isEqualTo("Row1000-1400 home1400-2000");
    }

    @Test
    void aLockedCueIsLeftAsItIs() {
        Track track = track(2200, 3000, "");
        long cue = track.cues().get(0).id();
        long row = track.words().toList().get(0).id();
        Track locked = new Lock(List.of(cue), true).on(track);
        assertThatThrownBy(() -> new DropWords(List.of(row)).on(locked)).isInstanceOf(RefusedEditException.class);
        Track written = new RewriteByPolicy(WritingPolicy.SENTENCES).on(locked);
        assertThat(written.words().map(Word::text)).containsExactly("Row", "home", "Now.");
    }

    @Test
    void aRangeBroughtInAnewForgetsWhatWasFlaggedInIt() {
        Track after = new ReplaceWords("en", List.of(), new Range(2000, 3500)).on(track(2200, 3000, ""));
        assertThat(after.beside().unscripted()).isEmpty();
    }
}
