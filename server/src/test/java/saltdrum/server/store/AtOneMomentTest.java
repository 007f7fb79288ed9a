package saltdrum.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.recut.CarryOver;
import saltdrum.server.Patience;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.RecutStore;
import saltdrum.server.store.job.Attempt;
import saltdrum.server.store.job.JobKind;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;

/** Results of several statements are from one snapshot, even with concurrent writes. */
class AtOneMomentTest extends OnAStoredTrack {
    /** Of a lock on which the copying of a track's row waits, so that an edit can come after it. */
    private static final int HELD = 4711;

    private static final String LONGER = "one two three four five six";

    @Autowired
    private RecutStore recuts;

    /** “Something of this is too long”: the row had been copied before the edit, and the words after it. */
    @Test
    void aCopyThatIsOvertakenByAnEditIsOfOneVersion() {
        CompletableFuture<ClipRow> copying =
                whileCopied(() -> clips.copy(clipId, "Copied"), () -> edit(0, new RetypeCue(firstCue(), LONGER)));
        Track copied = tracks.get(copying.join().id()).track();
        assertOfOneVersion(copied);
    }

    @Test
    void footageThatIsReplacedWhileSomebodyTypesKeepsTheClipAsItWas() {
        recuts.offer(clipId, media.keep("other".getBytes()), INFO, "other.mp4");
        JobStore jobs = new JobStore(jobMapper);
        Attempt attempt = jobs.begin(jobs.add(clipId, JobKind.WORDS, "{}").id());
        CarryOver carry = new CarryOver(List.of(), List.of(), 600_000);
        whileCopied(
                        () -> {
                            recuts.takePlace(attempt, recuts.find(clipId), "Before", carry, null);
                            return clips.get(clipId);
                        },
                        () -> edit(0, new RetypeCue(firstCue(), LONGER)))
                .join();
        Track before = tracks.get(recuts.find(clipId).beforeId()).track();
        assertOfOneVersion(before);
    }

    /** Copies, with something done after the track's row was copied and before its words are. */
    private CompletableFuture<ClipRow> whileCopied(Supplier<ClipRow> copy, Runnable between) {
        sql.execute("create function held() returns trigger language plpgsql as "
                + "$$ begin perform pg_advisory_xact_lock_shared(" + HELD + "); return null; end $$");
        sql.execute("create trigger held after insert on track for each row execute function held()");
        AtomicReference<CompletableFuture<ClipRow>> copying = new AtomicReference<>();
        new TransactionTemplate(transactions).executeWithoutResult(status -> {
            sql.execute("select pg_advisory_xact_lock(" + HELD + ")");
            copying.set(CompletableFuture.supplyAsync(copy));
            awaitWaiting("locktype = 'advisory' and objid = " + HELD);
            CompletableFuture.runAsync(between).join();
        });
        return copying.get();
    }

    @AfterEach
    void nothingIsHeld() {
        sql.execute("drop trigger if exists held on track");
        sql.execute("drop function if exists held()");
    }

    /** Planning an order reads it so: its row was of before an edit and its words of after it. */
    @Test
    void aTrackThatIsReadWithinATransactionIsOfOneVersion() {
        TransactionTemplate transaction = new TransactionTemplate(transactions);
        AtomicReference<CompletableFuture<StoredTrack>> reading = new AtomicReference<>();
        transaction.executeWithoutResult(status -> {
            sql.execute("lock table word in access exclusive mode");
            reading.set(CompletableFuture.supplyAsync(() -> transaction.execute(inside -> tracks.get(clipId))));
            awaitWaiting("locktype = 'relation' and relation = 'word'::regclass");
            edit(0, new RetypeCue(firstCue(), LONGER));
        });
        StoredTrack read = reading.get().join();
        assertThat(read.track().cues().get(0).text()).isEqualTo(LONGER);
        assertThat(read.version()).isEqualTo(1);
    }

    /** Its id and its version 0 were those of the one before, which another process had kept in mind. */
    @Test
    void aTranslationThatIsMadeAgainIsAnotherOne() {
        String id = TrackStore.translationId(clipId, "es");
        StoredTrack before = tracks.openTranslation(clipId, "es");
        // By another process: this one hears nothing of it.
        sql.update("delete from track where id = ?", id);
        sql.update(
                "insert into track (id, clip_id, translation, version, language, style, styling, recipe, frame, next_id, beside)"
                        + " select ?, clip_id, true, 0, 'es', 'Chalk', styling, recipe, frame, next_id, beside from track where id = ?",
                id,
                clipId);
        StoredTrack after = tracks.get(id);
        assertThat(after.version()).isEqualTo(before.version());
        assertThat(after.track().style()).isEqualTo("Chalk");
        TrackVersion seen = new TrackVersion(before.version(), before.incarnation());
        assertThatThrownBy(() -> tracks.change(id, seen, new Restyle("Lantern")))
                .isInstanceOf(StaleException.class);
        tracks.change(id, new TrackVersion(after.version(), after.incarnation()), new Restyle("Lantern"));
    }

    /** Of which the copied one is; ids of new words are below the next one of its row. */
    private void assertOfOneVersion(Track copied) {
        Track edited = tracks.get(clipId).track();
        assertThat(List.of(copied.cues(), copied.nextId()))
                .isIn(List.of(track.cues(), track.nextId()), List.of(edited.cues(), edited.nextId()));
    }

    private long firstCue() {
        return track.cues().get(0).id();
    }

    private void awaitWaiting(String lock) {
        Patience.await("somebody to wait for the lock")
                .until(() ->
                        sql.queryForObject("select count(*) from pg_locks where not granted and " + lock, Integer.class)
                                > 0);
    }
}
