package saltdrum.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ApplyRemedies;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.Edit;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.word.Pin;

class MendingTest {
    private final Track track = Words.track(Recipe.PHRASE, "Sand it first. Three coats, thin. Row home.");

    private static Edit size(Cue cue, double size) {
        return ChangeLook.ofCues(List.of(cue.id()), LookPatch.of(Facets.SIZE, size));
    }

    private static Finding finding(Cue cue, String said, Edit remedy) {
        return Finding.of(
                CheckKind.SIZE, new FindingLocation(cue.id(), 0, 0, 0, 1), said, new Remedy("Mend it", remedy, null));
    }

    /** Each cue is to have 40, and one of 40 is then to have 50: that takes two rounds. */
    private static List<Finding> inTwoSteps(Track track) {
        List<Finding> found = new ArrayList<>();
        for (Cue cue : track.cues()) {
            Double now = cue.look().get(Facets.SIZE);
            if (now == null) {
                found.add(finding(cue, "small", size(cue, cue == track.cues().get(0) ? 40 : 50)));
            } else if (now == 40) {
                found.add(finding(cue, "still small", size(cue, 50)));
            }
        }
        return found;
    }

    @Test
    void aFindingThatARemedyCausesIsMendedInTheSameStep() {
        Mending mending = Mending.of(track, MendingTest::inTwoSteps, finding -> true, Mending.MOST_ROUNDS);
        assertThat(mending.left()).isEmpty();
        assertThat(mending.mended()).isEqualTo(3);
        assertThat(mending.edit().edits()).hasSize(2);
        Track mended = mending.edit().on(track);
        assertThat(mended.cues()).allMatch(cue -> cue.look().get(Facets.SIZE) == 50);
        assertThat(mending.edit().said(track)).endsWith("3 more changes");
        assertThat(Json.read(Json.write((Edit) mending.edit()), Edit.class, "edit"))
                .isEqualTo(mending.edit());
    }

    @Test
    void oneRoundMendsOnlyWhatThereIs() {
        Mending mending = Mending.of(track, MendingTest::inTwoSteps, finding -> true, 1);
        assertThat(mending.edit().edits()).hasSize(3);
        assertThat(mending.left()).extracting(Finding::said).containsExactly("still small");
    }

    @Test
    void whatDoesNotHelpIsNotMade() {
        Function<Track, List<Finding>> never = now -> now.cues().stream()
                .map(cue -> finding(cue, "never right", size(cue, 70)))
                .toList();
        Mending mending = Mending.of(track, never, finding -> true, Mending.MOST_ROUNDS);
        assertThat(mending.edit()).isNull();
        assertThat(mending.mended()).isZero();
        assertThat(mending.left()).hasSize(3);
    }

    @Test
    void dismissedAndUnwantedFindingsAreLeftAlone() {
        Function<Track, List<Finding>> look = now -> inTwoSteps(now).stream()
                .map(one -> one.spot().cueId() == track.cues().get(1).id() ? one.dismissed("meant so") : one)
                .toList();
        Mending mending = Mending.of(
                track, look, one -> one.spot().cueId() != track.cues().get(2).id(), Mending.MOST_ROUNDS);
        Track mended = mending.edit().on(track);
        assertThat(mended.cues()).extracting(cue -> cue.look().get(Facets.SIZE)).containsExactly(50d, null, null);
    }

    @Test
    void roundsHaveNoRoundsWithin() {
        Edit one = size(track.cues().get(0), 40);
        ApplyRemedies rounds = new ApplyRemedies(List.of(new ApplyRemedies(List.of(one))));
        assertThatThrownBy(() -> new ApplyRemedies(List.of(rounds))).isInstanceOf(BadInputException.class);
    }

    @Test
    void whatMostCuesShareIsOneChangeOfTheTrack() {
        Function<Track, List<Finding>> small = now -> now.cues().stream()
                .filter(cue -> now.styling().all().get(Facets.SIZE) == null
                        && cue.look().isEmpty())
                .map(cue -> finding(cue, "small", size(cue, 60)))
                .toList();
        Mending mending = Mending.of(track, small, finding -> true, Mending.MOST_ROUNDS);
        assertThat(mending.edit().edits()).containsExactly(ChangeLook.ofTrack(LookPatch.of(Facets.SIZE, 60d)));
        assertThat(mending.left()).isEmpty();
        assertThat(mending.edit().on(track).cues()).isEqualTo(track.cues());
        SharedRemedy offered = SharedRemedy.of(track, small.apply(track), small, finding -> true)
                .orElseThrow();
        assertThat(offered.mends()).isEqualTo(track.cues().size());
        assertThat(offered.edit()).isEqualTo(mending.edit());
        assertThat(SharedRemedy.of(track, small.apply(track), now -> small.apply(track), finding -> true))
                .as("a change that mends nothing is not offered")
                .isEmpty();
    }

    @Test
    void whatWasMendedIsNotBrokenByHand() {
        long word = track.cues().get(0).words().get(1).id();
        Track mended = new ApplyRemedies(List.of(new SplitCue(word), new BreakLine(word + 1, true))).on(track);
        assertThat(mended.cues()).hasSizeGreaterThan(track.cues().size());
        assertThat(mended.words()).allMatch(one -> one.pin() == Pin.FREE);
        Track byHand = new SplitCue(word).on(track);
        assertThat(new ApplyRemedies(List.of(size(byHand.cues().get(0), 50)))
                        .on(byHand)
                        .words())
                .anyMatch(one -> one.pin() == Pin.CUE_BREAK);
    }
}
