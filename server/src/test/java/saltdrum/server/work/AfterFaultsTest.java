package saltdrum.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.server.store.ServerName;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;
import saltdrum.server.work.run.WorkOrder;

/** What a server, a database or a disk leaves behind that ended in the middle of something. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.NONE, properties = "salt-drum.workers=1")
class AfterFaultsTest extends JobsOfAClip {
    /** Of this machine, and long gone: Linux gives no process this number. */
    private static final String DEAD = new ServerName(ServerName.own().host(), 99_999_999, 1).toString();

    private String left(JobState state, String picker) {
        String id = jobs.add(clip, new WorkOrder.Listen().kind(), WorkOrder.FORM.write(new WorkOrder.Listen()))
                .id();
        sql.update("update job set state = ?, created = now() - interval '1 minute' where id = ?", state.name(), id);
        if (picker != null) {
            sql.update(
                    """
                    insert into scheduled_tasks (task_name, task_instance, task_data, execution_time, picked, picked_by,
                      last_heartbeat, version)
                    values ('job', ?, null, now(), true, ?, now(), 1)
                    """,
                    id,
                    picker);
        }
        return id;
    }

    @Test
    void aJobThatWasStoppingWhenItsServerDiedIsStoppedAndCanBeForgotten() throws Exception {
        String id = left(JobState.STOPPING, DEAD);
        workers.recoverJobs();
        assertThat(jobs.get(id).state()).isEqualTo(JobState.STOPPED);
        jobs.remove(id);
    }

    @Test
    void aJobThatStandsInNobodysQueueIsDoneAllTheSame() throws Exception {
        String id = left(JobState.RUNNING, null);
        workers.recoverJobs();
        assertThat(awaitEnd(id).state()).isEqualTo(JobState.DONE);
    }

    /** It is picked and has not begun: holding it was a fault of the server's. */
    @Test
    void aJobThatHasJustBeenPickedIsNotHeld() {
        String id = left(JobState.WAITING, ServerName.own().toString());
        workers.hold(id);
        assertThat(jobs.get(id).state()).isEqualTo(JobState.WAITING);
        sql.update("update scheduled_tasks set picked = false, picked_by = null where task_instance = ?", id);
        workers.hold(id);
        assertThat(jobs.get(id).state()).isIn(JobState.HELD, JobState.RUNNING, JobState.DONE);
    }

    @Test
    void whatALivingServerDoesIsNotTakenFromIt() {
        ServerName own = ServerName.own();
        long parent = ProcessHandle.current().parent().orElseThrow().pid();
        long started = ProcessHandle.current()
                .parent()
                .orElseThrow()
                .info()
                .startInstant()
                .orElseThrow()
                .toEpochMilli();
        String other = new ServerName(own.host(), parent, started).toString();
        String id = left(JobState.STOPPING, other);
        String elsewhere = left(JobState.STOPPING, new ServerName("another-machine", 4, 1).toString());
        workers.recoverJobs();
        assertThat(jobs.get(id).state()).isEqualTo(JobState.STOPPING);
        assertThat(jobs.get(elsewhere).state()).isEqualTo(JobState.STOPPING);
        assertThat(new ServerName(own.host(), parent, started - 60_000).gone())
                .as("its number is another's by now")
                .isTrue();
        sql.update("delete from scheduled_tasks where picked_by in (?, ?)", other, "another-machine~4~1");
        workers.recoverJobs();
        assertThat(jobs.get(id).state()).isEqualTo(JobState.STOPPED);
    }

    @Test
    void anOrderAndItsPlaceInTheQueueAreWrittenTogetherOrNotAtAll() {
        int before = jobs.ofClip(clip).size();
        List<String> queued = queued();
        assertThatThrownBy(() -> new TransactionTemplate(transactions).executeWithoutResult(status -> {
                    workers.order(clip, new WorkOrder.Listen());
                    assertThat(queued()).as("in this transaction").hasSizeGreaterThan(queued.size());
                    throw new IllegalStateException("the power is gone");
                }))
                .hasMessage("the power is gone");
        assertThat(jobs.ofClip(clip)).hasSize(before);
        assertThat(queued).containsAll(queued());
    }

    /** It was tried again every three seconds, for ever. */
    @Test
    void aJobThatTheDatabaseRefusesFailsInASentence() {
        sql.execute("create function refused() returns trigger language plpgsql as "
                + "$$ begin raise check_violation; end $$");
        sql.execute(
                "create trigger refused before update of peaks_hash on clip for each row execute function refused()");
        try {
            JobRow job = awaitEnd(workers.order(clip, new WorkOrder.Listen()).id());
            assertThat(job.state()).isEqualTo(JobState.FAILED);
            assertThat(job.message()).isEqualTo("The server has failed. Nothing was changed; try again.");
        } finally {
            sql.execute("drop trigger refused on clip");
            sql.execute("drop function refused()");
        }
    }

    private List<String> queued() {
        return sql.queryForList("select task_instance from scheduled_tasks where task_name = 'job'", String.class);
    }

    @Test
    void bytesThatComeInAgainAreNotSweptWithTheOldOnes() throws Exception {
        byte[] bytes = "the same bytes".getBytes(java.nio.charset.StandardCharsets.UTF_8);
        String hash = media.keep(bytes);
        sql.update("update media_file set created = now() - interval '1 hour' where hash = ?", hash);
        assertThat(media.keep(bytes)).isEqualTo(hash);
        media.sweep();
        assertThat(media.file(hash)).as("somebody is about to refer to them").hasBinaryContent(bytes);
        sql.update("update media_file set created = now() - interval '1 hour' where hash = ?", hash);
        media.sweep();
        assertThat(media.file(hash)).doesNotExist();
    }

    @Test
    void bytesThatNoRowTellsOfAreSwept() throws Exception {
        String hash = media.keep("moved in, and never written down".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        sql.update("delete from media_file where hash = ?", hash);
        assertThat(media.file(hash)).exists();
        media.sweep();
        assertThat(media.file(hash)).doesNotExist();
    }

    @Test
    void halfFilesOfDeadServersAreSweptAndThoseOfLivingOnesAreNot() throws Exception {
        Path own = media.workFile(".part");
        Files.write(own, new byte[3]);
        Path work = own.getParent().getParent();
        Path dead = Files.createDirectories(work.resolve(DEAD)).resolve("half.part");
        Files.write(dead, new byte[5]);
        Path loose = work.resolve("left by an older version.mp4");
        Files.write(loose, new byte[5]);
        Path old = Files.write(media.workFile(".mp4"), new byte[1]);
        Files.setLastModifiedTime(
                old,
                java.nio.file.attribute.FileTime.from(java.time.Instant.now().minusSeconds(100_000)));
        media.sweep();
        assertThat(own).exists();
        assertThat(List.of(dead, dead.getParent(), loose, old)).noneMatch(Files::exists);
        media.discard(own);
    }
}
