package saltdrum.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Words;
import saltdrum.core.check.Onsets.Heard;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.TimingEdit.ShiftAfter;

class VoiceOffsetTest {
    private final Track track = Words.track(Recipe.PHRASE, "Sand it first. Three coats, thin. Row home.");

    private static Onsets laterBy(Track track, int ms) {
        return new Onsets(track.words()
                .map(word -> new Heard(word.text(), word.startMs() + ms, word.endMs() + ms))
                .toList());
    }

    private long cue(int index) {
        return track.cues().get(index).id();
    }

    @Test
    void theMedianPutsTheTrackOnTheVoice() {
        Onsets onsets = laterBy(track, 120);
        VoiceOffset offset = VoiceOffset.of(track, onsets, cue(0));
        assertThat(offset).isEqualTo(new VoiceOffset(true, 8, 8, 120, 0));
        Track moved = new ShiftAfter(cue(0), offset.byMs()).on(track);
        assertThat(VoiceOffset.of(moved, onsets, cue(0)).byMs()).isZero();
    }

    @Test
    void onlyWordsFromThatCueOnCount() {
        List<Heard> heard = new java.util.ArrayList<>(laterBy(track, 0).heard());
        int tail = track.cues().get(0).words().size();
        for (int i = tail; i < heard.size(); i++) {
            Heard one = heard.get(i);
            heard.set(i, new Heard(one.text(), one.startMs() + 80, one.endMs() + 80));
        }
        assertThat(VoiceOffset.of(track, new Onsets(heard), cue(1)).byMs()).isEqualTo(80);
    }

    @Test
    void oneWordThatIsFarOffMovesNothing() {
        List<Heard> heard = new java.util.ArrayList<>(laterBy(track, -40).heard());
        heard.set(2, new Heard(heard.get(2).text(), 9000, 9100));
        VoiceOffset offset = VoiceOffset.of(track, new Onsets(heard), cue(0));
        assertThat(offset.byMs()).isEqualTo(-40);
        assertThat(offset.spreadMs()).isZero();
    }

    @Test
    void withoutAMeasurementThereIsNone() {
        assertThat(VoiceOffset.of(track, null, cue(0))).isEqualTo(new VoiceOffset(false, 0, 8, 0, 0));
        assertThat(VoiceOffset.of(track, new Onsets(List.of()), cue(0))).isEqualTo(new VoiceOffset(true, 0, 8, 0, 0));
        assertThatThrownBy(() -> VoiceOffset.of(track, null, 4711)).isInstanceOf(BadInputException.class);
    }
}
