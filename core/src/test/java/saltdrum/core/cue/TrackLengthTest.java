package saltdrum.core.cue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static saltdrum.core.Words.texts;
import static saltdrum.core.Words.word;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.Json;
import saltdrum.core.RefusedEditException;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.TimingEdit.MoveEdge;
import saltdrum.core.edit.TimingEdit.PushMode;
import saltdrum.core.edit.TimingEdit.RetimeWord;
import saltdrum.core.edit.TimingEdit.ShiftAfter;
import saltdrum.core.word.Word;

/** “row the boat” at 200–500–800–1100 in a clip of 1200 ms. */
class TrackLengthTest {
    private final Track track = Track.of(
                    "en",
                    Recipe.PHRASE,
                    "Mallet",
                    List.of(word(1, "row", 200, 500), word(2, "the", 500, 800), word(3, "boat", 800, 1100)))
            .withLength(1200);

    private long last() {
        return track.words().toList().get(2).id();
    }

    @Test
    void aCueIsNotHeldBeyondTheClip() {
        assertThat(CueTime.of(track)).last().extracting(CueTime::hideMs).isEqualTo(1200);
        Track asked = new SetCueTime(track.cues().get(0).id(), null, 90_000).on(track);
        assertThat(CueTime.of(asked)).last().extracting(CueTime::hideMs).isEqualTo(1200);
    }

    @Test
    void anEdgeStopsAtTheClipsEnd() {
        Track moved = new MoveEdge(last(), true, 90_000, PushMode.PUSH).on(track);
        assertThat(moved.words().toList().get(2).endMs()).isEqualTo(1200);
        assertThatThrownBy(() -> new RetimeWord(last(), 900, 1201).on(track))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("after the clip");
        assertThatThrownBy(() -> new ShiftAfter(track.cues().get(0).id(), 101).on(track))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("after the clip");
    }

    @Test
    void aPushedNeighbourStopsThereToo() {
        Track pushed = new MoveEdge(track.words().toList().get(1).id(), true, 5000, PushMode.PUSH).on(track);
        assertThat(pushed.words().map(Word::endMs)).containsExactly(500, 900, 1200);
    }

    @Test
    void cuesOfAFileEndWithTheClip() {
        List<Cue> cues = List.of(
                new Cue(1, List.of(word(1, "row", 0, 900), word(2, "on", 1000, 5000)), List.of(), false),
                new Cue(2, List.of(word(3, "late", 5000, 6000)), List.of(), false));
        Track read = new BringInCues("en", cues, null).on(track);
        assertThat(texts(read)).containsExactly("row on");
        assertThat(read.words().map(Word::endMs)).containsExactly(900, 1200);
    }

    @Test
    void aTrackThatWasWrittenWithoutALengthHasNoEnd() {
        String json = Json.write(track).replace(",\"lengthMs\":1200", "");
        assertThat(json).doesNotContain("lengthMs");
        assertThat(Json.read(json, Track.class, "track").lengthMs()).isEqualTo(Track.NO_END);
    }
}
