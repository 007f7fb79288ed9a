package saltdrum.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

class RemarkPlaceTest {
    private static Cue cue(long id, long wordId, int startMs) {
        return new Cue(id, List.of(Word.of(wordId, "w", startMs, startMs + 500, WordSource.ALIGNED)), List.of(), false);
    }

    private static final Track TRACK =
            new Track("en", Recipe.PHRASE, "Mallet", Frame.OWN, List.of(cue(11, 1, 1000), cue(12, 2, 3000)), 20);

    @Test
    void itStandsAtItsWordWhereverThatIsNow() {
        assertThat(RemarkPlace.of(TRACK, 2L, 700)).isEqualTo(new RemarkPlace(12, 3000));
    }

    @Test
    void withoutItsWordItStandsAtTheCueThatWasReadThen() {
        assertThat(RemarkPlace.of(TRACK, 99L, 3200)).isEqualTo(new RemarkPlace(12, 3200));
        assertThat(RemarkPlace.of(TRACK, null, 2500)).isEqualTo(new RemarkPlace(11, 2500));
        assertThat(RemarkPlace.of(TRACK, null, 0)).as("before the first").isEqualTo(new RemarkPlace(11, 0));
    }

    @Test
    void aTrackWithoutCuesHasNoPlaceButTheMoment() {
        assertThat(RemarkPlace.of(Track.empty("en", "Mallet"), 1L, 40)).isEqualTo(new RemarkPlace(0, 40));
    }
}
