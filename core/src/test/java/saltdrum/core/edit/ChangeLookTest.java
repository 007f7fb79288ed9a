package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.RefusedEditException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.BalanceLines;
import saltdrum.core.edit.BreakEdit.BreakLine;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.OverlayEdit.PutEmoji;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.Styling;

class ChangeLookTest {
    private static final LookPatch BIG = LookPatch.of(Facets.SIZE, 150d);
    private static final LookPatch TILTED = LookPatch.of(Facets.TILT, 4d);

    private final Track track = Words.track(Recipe.PHRASE, "Sand it first. Four coats now. Row home.");

    private long cue(int index) {
        return track.cues().get(index).id();
    }

    private long word(int index) {
        return track.words().skip(index).findFirst().orElseThrow().id();
    }

    @Test
    void itChangesWhatItNamesAndNothingElse() {
        Track after = ChangeLook.ofCues(List.of(cue(1)), BIG).on(track);
        assertThat(after.cues().stream().map(Cue::look)).containsExactly(LookPatch.NONE, BIG, LookPatch.NONE);
        assertThat(after.cues().get(0)).isEqualTo(track.cues().get(0));
        after = ChangeLook.ofWords(List.of(word(0), word(2)), TILTED).on(after);
        assertThat(after.words().filter(word -> !word.look().isEmpty()).map(word -> word.id()))
                .containsExactly(word(0), word(2));
    }

    @Test
    void whatIsResetComesFromUnderneathAgain() {
        Track bent = ChangeLook.ofTrack(BIG.with(Facets.X, 0.3)).on(track);
        Track after = new ChangeLook(null, null, null, null, null, List.of("size")).on(bent);
        assertThat(after.styling().all()).isEqualTo(LookPatch.of(Facets.X, 0.3));
        after = new ChangeLook(null, null, null, null, null, List.of("x")).on(after);
        assertThat(after).isEqualTo(track);
    }

    @Test
    void aRoleIsBentForTheWholeTrack() {
        Track after = new ChangeLook(null, null, 2, null, TILTED, null).on(track);
        assertThat(after.styling().role(2)).isEqualTo(TILTED);
        assertThat(after.styling().role(1)).isEqualTo(LookPatch.NONE);
        assertThatThrownBy(() -> new ChangeLook(null, null, 9, null, TILTED, null).on(track))
                .isInstanceOf(BadInputException.class);
    }

    @Test
    void lockedCuesAndWhatIsNotThereAreRefused() {
        Track locked = new Lock(List.of(cue(0)), true).on(track);
        assertThatThrownBy(() -> ChangeLook.ofCues(List.of(cue(0)), BIG).on(locked))
                .isInstanceOf(RefusedEditException.class);
        assertThatThrownBy(() -> ChangeLook.ofWords(List.of(word(0)), TILTED).on(locked))
                .isInstanceOf(RefusedEditException.class);
        assertThatThrownBy(() -> ChangeLook.ofWords(List.of(9999L), TILTED).on(track))
                .isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> ChangeLook.ofWords(List.of(word(0)), BIG)).hasMessageContaining("whole cues");
        assertThatThrownBy(() -> new ChangeLook(List.of(1L), List.of(2L), null, null, BIG, null))
                .isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new ChangeLook(null, null, null, null, null, null))
                .isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new ChangeLook(null, null, null, null, null, List.of("shine")))
                .hasMessageContaining("shine");
    }

    @Test
    void itSaysWhatItDoes() {
        assertThat(ChangeLook.ofCues(List.of(cue(0), cue(1)), BIG).said(track)).isEqualTo("Size of 2 cues");
        assertThat(ChangeLook.ofWords(List.of(word(1)), TILTED).said(track)).isEqualTo("Tilt of “it”");
        assertThat(new ChangeLook(null, null, null, null, null, List.of("size")).said(track))
                .isEqualTo("Size of the track as before");
    }

    @Test
    void aCuesLookGoesWithItsWords() {
        Track bent = ChangeLook.ofCues(List.of(cue(0)), BIG).on(track);
        Track split = new SplitCue(word(1)).on(bent);
        assertThat(split.cues().subList(0, 2)).allMatch(cue -> cue.look().equals(BIG));
        Track anew = new Rebreak(Recipe.ONE_WORD, false).on(bent);
        assertThat(anew.cues().subList(0, 3)).allMatch(cue -> cue.look().equals(BIG));
        assertThat(anew.cues().get(3).look()).isEqualTo(LookPatch.NONE);
        Track typed = new RetypeCue(cue(0), "Sand it well and first.").on(bent);
        assertThat(typed.cues().get(0).look()).isEqualTo(BIG);
    }

    @Test
    void aCueKeepsItsLookWhenItsLinesAreBrokenOrBalanced() {
        Track bent = ChangeLook.ofCues(List.of(cue(0)), BIG).on(track);
        Track broken = new BreakLine(word(1), true).on(bent);
        assertThat(broken.cues().get(0).look()).isEqualTo(BIG);
        assertThat(new BalanceLines(List.of(cue(0))).on(broken).cues().get(0).look())
                .isEqualTo(BIG);
        Track typed = new RetypeCue(cue(0), "Sand it\nfirst.", true).on(bent);
        assertThat(typed.cues().get(0).look()).isEqualTo(BIG);
    }

    @Test
    void anotherStyleLeavesCuesAndWordsAsTheyAre() {
        Track bent = ChangeLook.ofTrack(BIG)
                .on(ChangeLook.ofCues(List.of(cue(0)), BIG)
                        .on(ChangeLook.ofWords(List.of(word(4)), TILTED).on(track)));
        Track restyled = new Restyle("Lantern").on(bent);
        assertThat(restyled.styling()).isEqualTo(Styling.PLAIN);
        assertThat(restyled.cues()).isEqualTo(bent.cues());
        assertThat(new Restyle("Lantern", 3, true).on(bent).styling()).isEqualTo(new Styling(3, BIG, List.of()));
    }

    @Test
    void aTrackGoesThroughJsonWithAllItsLooks() {
        Track bent = ChangeLook.ofTrack(BIG)
                .on(ChangeLook.ofCues(List.of(cue(0)), BIG).on(track));
        assertThat(Json.read(Json.write(bent), Track.class, "track")).isEqualTo(bent);
        assertThat(Json.write(track)).doesNotContain("look");
    }

    @Test
    void emojiAreWholeStepsAndNothingIsTakenHalf() {
        PutEmoji put = new PutEmoji(List.of(new PutEmoji.Put(word(0), "🔔"), new PutEmoji.Put(word(2), "⛵")));
        Track after = put.on(ChangeLook.ofWords(List.of(word(0)), TILTED).on(track));
        assertThat(look(after, 0)).isEqualTo(TILTED.with(Facets.EMOJI, "🔔"));
        assertThat(look(after, 2)).isEqualTo(LookPatch.of(Facets.EMOJI, "⛵"));
        assertThat(put.said(track)).isEqualTo("Emoji at 2 words");
        PutEmoji wrong = new PutEmoji(List.of(new PutEmoji.Put(word(0), "🔔"), new PutEmoji.Put(word(2), "bell")));
        assertThatThrownBy(() -> wrong.on(track)).hasMessageContaining("one emoji");
        assertThatThrownBy(() -> new PutEmoji(List.of(new PutEmoji.Put(9999, "🔔"))).on(track))
                .hasMessageContaining("no longer exists");
    }

    private static LookPatch look(Track track, int word) {
        return track.words().toList().get(word).look();
    }
}
