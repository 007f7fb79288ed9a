package saltdrum.server.store.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.BreakEdit.JoinCues;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.BreakEdit.SplitCue;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.MarkEdit.SetEmphasis;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.word.Word;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.OnAStoredTrack;
import saltdrum.server.store.StaleException;

/** Changes, their history, and what the schema refuses. */
class TrackStoreTest extends OnAStoredTrack {
    @Autowired
    private TrackFitting fitting;

    @Test
    void whatIsStoredIsWhatWasMade() {
        assertThat(stored().cues()).isEqualTo(track.cues());
    }

    /** Words once had no maximum length; a clip with a longer one must still open. */
    @Test
    void aWordFromBeforeThereWasAMostLengthIsReadAsFarAsItMayBe() {
        sql.update(
                "update word set text = repeat('a', 299) || repeat('\uD83C\uDF0A', 400) where track_id = ? and id = 1",
                clipId);
        Track read = TrackRows.track(mapper.find(clipId), mapper.words(clipId));
        assertThat(read.words().findFirst().orElseThrow().text()).isEqualTo("a".repeat(299));
        assertThat(read.words().skip(1)).isEqualTo(track.words().skip(1).toList());
    }

    @Test
    void undoAndRedoAreExactToTheBeginningAndBack() {
        Random random = new Random(5);
        List<Track> states = new ArrayList<>(List.of(track));
        long version = 0;
        while (states.size() < 25) {
            Track now = states.get(states.size() - 1);
            Cue cue = now.cues().get(random.nextInt(now.cues().size()));
            Word word = cue.words().get(random.nextInt(cue.words().size()));
            Edit edit =
                    switch (random.nextInt(5)) {
                        case 0 -> new SplitCue(word.id());
                        case 1 -> new JoinCues(cue.id());
                        case 2 -> new Rebreak(Recipe.BUILT_IN.get(random.nextInt(3)), false);
                        case 3 -> new RetypeCue(cue.id(), cue.text() + " more");
                        default -> new SetEmphasis(List.of(word.id()), 1 + random.nextInt(4));
                    };
            try {
                StoredTrack stored = edit(version, edit);
                if (stored.version() > version) {
                    version = stored.version();
                    states.add(stored.track());
                    assertThat(stored().cues()).isEqualTo(stored.track().cues());
                }
            } catch (RefusedEditException refused) {
                // Another one will do.
            }
        }
        for (int i = states.size() - 2; i >= 0; i--) {
            StoredTrack undone = history.undo(clipId, TrackVersion.of(version)).after();
            version = undone.version();
            assertThat(named(undone.track())).isEqualTo(named(states.get(i)));
            assertThat(stored().cues()).isEqualTo(states.get(i).cues());
        }
        assertThat(history.steps(clipId).undo()).isNull();
        for (int i = 1; i < states.size(); i++) {
            StoredTrack redone = history.redo(clipId, TrackVersion.of(version)).after();
            version = redone.version();
            assertThat(named(redone.track())).isEqualTo(named(states.get(i)));
        }
        assertThat(stored().cues()).isEqualTo(states.get(states.size() - 1).cues());
    }

    /** An id that was given once is not given again: ids of what is new only grow. */
    private static Track named(Track track) {
        return track.withCues(track.cues(), 1);
    }

    @Test
    void aChangeOfTheSameIsRefusedAndNothingIsLost() {
        StoredTrack first = edit(0, new Restyle("Lantern"));
        assertThatThrownBy(() -> edit(0, new Restyle("Tidemark"))).isInstanceOf(StaleException.class);
        assertThat(tracks.get(clipId).track().style()).isEqualTo("Lantern");
        assertThat(tracks.get(clipId).version()).isEqualTo(first.version());
    }

    @Test
    void noConnectionIsHeldWhileAChangeIsWorkedOut() {
        List<Boolean> held = new ArrayList<>();
        tracks.change(clipId, TrackVersion.of(0), t -> "Style", t -> {
            held.add(TransactionSynchronizationManager.isActualTransactionActive());
            return new Restyle("Lantern").on(t);
        });
        assertThat(held).containsExactly(false);
    }

    @Test
    void workThatWasOvertakenIsWorkedOutAgainOnWhatIsThere() {
        List<Long> seen = new ArrayList<>();
        long word = track.words().findFirst().orElseThrow().id();
        tracks.change(clipId, TrackVersion.NEWEST, t -> "Style", t -> {
            long version = tracks.get(clipId).version();
            seen.add(version);
            if (version == 0) {
                edit(0, new SetEmphasis(List.of(word), 2));
            }
            return new Restyle("Lantern").on(t);
        });
        assertThat(seen).containsExactly(0L, 1L);
        Track both = tracks.get(clipId).track();
        assertThat(both.style()).isEqualTo("Lantern");
        assertThat(both.words().findFirst().orElseThrow().emphasis()).isEqualTo(2);
        assertThat(stored()).isEqualTo(both);
    }

    @Test
    void anEditThatWasOvertakenByOneOfTheSameIsRefused() {
        assertThatThrownBy(() -> tracks.change(clipId, TrackVersion.of(0), t -> "Style", t -> {
                    edit(0, new Restyle("Tidemark"));
                    return new Restyle("Lantern").on(t);
                }))
                .isInstanceOf(StaleException.class);
        assertThat(tracks.get(clipId).track().style()).isEqualTo("Tidemark");
        assertThat(history.history(clipId)).hasSize(1);
    }

    @Test
    void aNewChangeForgetsWhatWasUndone() {
        StoredTrack a = edit(0, new Restyle("Lantern"));
        StoredTrack b = history.undo(clipId, TrackVersion.of(a.version())).after();
        StoredTrack c = edit(b.version(), new Restyle("Tidemark"));
        assertThat(history.steps(clipId).redo()).isNull();
        assertThat(history.steps(clipId).undo()).isEqualTo("Style Tidemark");
        assertThatThrownBy(() -> history.redo(clipId, TrackVersion.of(c.version())))
                .isInstanceOf(RefusedEditException.class);
    }

    @Test
    void otherReadingsOfAWordAreKeptAndReplaced() {
        long word = track.cues().get(0).words().get(0).id();
        tracks.keepReadings(clipId, List.of(new StoredReading(word, "rope", List.of("robe", "roap"))));
        tracks.keepReadings(clipId, List.of(new StoredReading(word, "rope", List.of("robe"))));
        assertThat(tracks.reading(clipId, word)).isEqualTo(new StoredReading(word, "rope", List.of("robe")));
        assertThat(tracks.reading(clipId, 99_999)).isNull();
    }

    @Test
    void whatAFileGaveToACueIsKept() {
        Cue given = track.cues().get(0).withGiven(new CueOverrides(5, null, "align:left"));
        StoredTrack stored = edit(0, new BringInCues("sv", List.of(given), "REGION\nid:a"));
        // A store without memory reads it from the database.
        Track read = new TrackStore(mapper, jobMapper, () -> null, fitting, transactions)
                .get(clipId)
                .track();
        assertThat(read).isEqualTo(stored.track());
        assertThat(read.cues().get(0).given()).isEqualTo(given.given());
        assertThat(read.beside().regions()).isEqualTo("REGION\nid:a");
    }

    @Test
    void aRefusedEditLeavesNoTrace() {
        long last = track.cues().get(track.cues().size() - 1).id();
        assertThatThrownBy(() -> edit(0, new JoinCues(last))).isInstanceOf(RefusedEditException.class);
        assertThat(tracks.get(clipId).version()).isZero();
        assertThat(stored().cues()).isEqualTo(track.cues());
    }

    @Test
    void theSchemaRefusesWhatCannotBe() {
        assertThatThrownBy(() -> sql.update("update word set end_ms = start_ms where track_id = ?", clipId))
                .hasMessageContaining("check");
        assertThatThrownBy(() -> sql.update(
                        "insert into clip (id, name, media_hash, info) values ('short', 'x', ?, '{}')", "0".repeat(64)))
                .isInstanceOf(Exception.class);
    }

    @Test
    void removingAClipTakesEverythingOfItAlong() {
        clips.remove(clipId);
        clips.forget(clipId);
        assertThat(sql.queryForObject("select count(*) from word where track_id = ?", Integer.class, clipId))
                .isZero();
        assertThatThrownBy(() -> tracks.get(clipId)).isInstanceOf(NotFoundException.class);
    }

    @Test
    void theSameBytesAreKeptOnce() throws Exception {
        String a = media.keep("the same".getBytes());
        String b = media.keep("the same".getBytes());
        assertThat(a).isEqualTo(b);
        assertThat(java.nio.file.Files.readString(media.file(a))).isEqualTo("the same");
    }
}
