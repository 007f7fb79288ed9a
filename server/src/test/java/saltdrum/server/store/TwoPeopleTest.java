package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static saltdrum.server.SignedIn.as;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.core.context.SecurityContextHolder;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.server.store.people.PersonMapper;
import saltdrum.server.store.people.Role;
import saltdrum.server.store.track.HistoryRow;
import saltdrum.server.store.track.StoredChange;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackVersion;

/** Two people who change one clip at the same time, each on what their page shows. */
class TwoPeopleTest extends OnAStoredTrack {
    @Autowired
    PersonMapper people;

    private long mara;
    private long ivo;

    @BeforeEach
    void twoPeople() {
        mara = person("Mara");
        ivo = person("Ivo");
    }

    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
        sql.update("delete from person where id in (?, ?)", mara, ivo);
    }

    private long person(String name) {
        String email = name + "@quay.example";
        people.add(name, email, "-", Role.DESIGNER, null);
        return people.named(email).id();
    }

    private StoredChange retypes(long person, long version, int cue, String text) {
        return retypes(person, version, track.cues().get(cue).id(), text);
    }

    /** Another style may have broken the cues again. */
    private StoredChange retypesOfNow(long person, long version, int cue, String text) {
        return retypes(person, version, stored().cues().get(cue).id(), text);
    }

    private StoredChange retypes(long person, long version, long id, String text) {
        return as(person, () -> tracks.change(clipId, TrackVersion.of(version), new RetypeCue(id, text)));
    }

    private String text(int cue) {
        return stored().cues().get(cue).text();
    }

    @Test
    void changesOfDifferentCuesAreBothMade() {
        retypes(mara, 0, 0, "Mara was here");
        StoredChange carried = retypes(ivo, 0, 3, "and so was Ivo");
        assertThat(carried.before().version()).as("what his page shows").isZero();
        assertThat(carried.before().track()).isEqualTo(track);
        assertThat(carried.after().version()).isEqualTo(2);
        assertThat(stored()).isEqualTo(carried.after().track());
        assertThat(text(0)).isEqualTo("Mara was here");
        assertThat(text(3)).isEqualTo("and so was Ivo");
    }

    @Test
    void aChangeOfTheSameCueIsRefusedByItsWords() {
        retypes(mara, 0, 0, "Mara was here");
        assertThatThrownBy(() -> retypes(ivo, 0, 0, "no, Ivo"))
                .isInstanceOf(StaleException.class)
                .hasMessageContaining("changed “Mara was here” at the same time");
        assertThat(text(0)).isEqualTo("Mara was here");
    }

    @Test
    void whatIsAsItWasAlreadyBringsThePageUpToDate() {
        retypes(mara, 0, 0, "Mara was here");
        StoredChange none = as(ivo, () -> tracks.change(clipId, TrackVersion.of(0), new Restyle(track.style())));
        assertThat(none.before().version()).isZero();
        assertThat(none.after().version()).isEqualTo(1);
        assertThat(history.history(clipId)).hasSize(1);
    }

    @Test
    void aVersionThatIsNotRememberedIsStale() {
        retypes(mara, 0, 0, "Mara was here");
        // As a style that is improved for every clip, which is no step of any of them.
        sql.update("update track set version = version + 1 where id = ?", clipId);
        assertThatThrownBy(() -> retypes(ivo, 0, 3, "and so was Ivo")).isInstanceOf(StaleException.class);
        for (int version = 2; version < 210; version++) {
            edit(version, new Restyle(version % 2 == 0 ? "Lantern" : "Chalk"));
        }
        assertThat(sql.queryForObject("select count(*) from track_change where track_id = ?", Long.class, clipId))
                .isEqualTo(200);
    }

    @Test
    void undoTakesBackOnesOwnStepFromUnderALaterOne() {
        String before = text(0);
        retypes(mara, 0, 0, "Mara was here");
        retypes(ivo, 1, 3, "and so was Ivo");
        assertThat(as(mara, () -> history.steps(clipId)).undo()).contains("Mara was here");
        assertThat(as(ivo, () -> history.steps(clipId)).undo()).contains("and so was Ivo");
        // On the version that her page shows: she has not seen his.
        StoredChange undone = as(mara, () -> history.undo(clipId, TrackVersion.of(1)));
        assertThat(undone.before().version()).isEqualTo(1);
        assertThat(text(0)).isEqualTo(before);
        assertThat(text(3)).isEqualTo("and so was Ivo");
        assertThat(as(mara, () -> history.steps(clipId)).undo()).isNull();
        assertThat(as(ivo, () -> history.steps(clipId)).redo()).isNull();
        as(ivo, () -> history.undo(clipId, TrackVersion.of(3)));
        assertThat(stored().cues()).isEqualTo(track.cues());
        as(mara, () -> history.redo(clipId, TrackVersion.of(4)));
        as(ivo, () -> history.redo(clipId, TrackVersion.of(5)));
        assertThat(text(0)).isEqualTo("Mara was here");
        assertThat(text(3)).isEqualTo("and so was Ivo");
    }

    @Test
    void undoSaysWhoseStepStandsOverIt() {
        retypes(mara, 0, 0, "Mara was here");
        retypes(ivo, 1, 0, "Ivo was here");
        assertThatThrownBy(() -> as(mara, () -> history.undo(clipId, TrackVersion.of(2))))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("by Ivo with “")
                .hasMessageContaining("Ivo was here");
        assertThat(text(0)).isEqualTo("Ivo was here");
        as(ivo, () -> history.undo(clipId, TrackVersion.of(2)));
        as(mara, () -> history.undo(clipId, TrackVersion.of(3)));
        assertThat(stored().cues()).isEqualTo(track.cues());
    }

    @Test
    void undoSaysWhoseStyleStandsOverOnesOwn() {
        as(mara, () -> tracks.change(clipId, TrackVersion.of(0), new Restyle("Lantern")));
        as(ivo, () -> tracks.change(clipId, TrackVersion.of(1), new Restyle("Chalk")));
        retypesOfNow(ivo, 2, 1, "Ivo again");
        assertThatThrownBy(() -> as(mara, () -> history.undo(clipId, TrackVersion.of(3))))
                .isInstanceOf(RefusedEditException.class)
                .hasMessageContaining("by Ivo with “Style Chalk”");
    }

    @Test
    void aNewStepForgetsOnlyWhatItsMakerHadTakenBack() {
        retypes(mara, 0, 0, "Mara was here");
        as(mara, () -> history.undo(clipId, TrackVersion.of(1)));
        retypes(ivo, 2, 3, "and so was Ivo");
        as(mara, () -> history.redo(clipId, TrackVersion.of(3)));
        assertThat(text(0)).isEqualTo("Mara was here");
        as(mara, () -> history.undo(clipId, TrackVersion.of(4)));
        retypes(mara, 5, 1, "Mara again");
        assertThat(as(mara, () -> history.steps(clipId)).redo()).isNull();
    }

    /** Words that one has taken back keep their ids for when they are done again. */
    @Test
    void idsOfWhatWasTakenBackAreNotGivenToOthers() {
        retypes(mara, 0, 0, "Mara was here with three new words");
        as(mara, () -> history.undo(clipId, TrackVersion.of(1)));
        retypes(ivo, 2, 3, "and so was Ivo with some words more");
        Cue his = stored().cues().get(3);
        as(
                ivo,
                () -> tracks.change(
                        clipId,
                        TrackVersion.of(3),
                        new SplitCue(his.words().get(2).id())));
        as(mara, () -> history.redo(clipId, TrackVersion.of(4)));
        assertThat(text(0)).isEqualTo("Mara was here with three new words");
        assertThat(stored().words().map(word -> word.id())).doesNotHaveDuplicates();
    }

    @Test
    void onesOwnStepIsTheOnlyOneThatIsTakenBackUnseen() {
        retypes(mara, 0, 0, "Mara was here");
        // Background work, without an author.
        edit(1, new Restyle("Lantern"));
        assertThatThrownBy(() -> as(mara, () -> history.undo(clipId, TrackVersion.of(1))))
                .isInstanceOf(StaleException.class);
        as(mara, () -> history.undo(clipId, TrackVersion.of(2)));
        assertThat(tracks.get(clipId).track().style()).isEqualTo(track.style());
        assertThat(text(0)).isEqualTo("Mara was here");
    }

    @Test
    void theHistorySaysWhoAndGoesBackAndOnOverStepsOfBoth() {
        retypes(mara, 0, 0, "Mara was here");
        retypes(ivo, 1, 3, "and so was Ivo");
        retypes(mara, 2, 1, "Mara again");
        assertThat(history.history(clipId)).extracting(HistoryRow::by).containsExactly("Mara", "Ivo", "Mara");
        as(ivo, () -> history.undo(clipId, TrackVersion.of(3)));
        StoredTrack here = tracks.get(clipId);
        as(mara, () -> history.goTo(clipId, TrackVersion.of(4), 0));
        assertThat(stored().cues()).isEqualTo(track.cues());
        as(mara, () -> history.goTo(clipId, TrackVersion.of(5), 1));
        assertThat(text(0)).isEqualTo("Mara was here");
        assertThat(text(3)).isEqualTo(track.cues().get(3).text());
        assertThat(here.track().cues().get(1).text()).isEqualTo("Mara again");
    }
}
