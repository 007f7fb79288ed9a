package saltdrum.server.store.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.server.store.OnAStoredTrack;

/** A worker that slept continues a job that another has taken over: FAILED overwrote DONE. */
class AttemptTest extends OnAStoredTrack {
    @Autowired
    private JobStore jobs;

    private Attempt slept;
    private Attempt present;

    @BeforeEach
    void twoAttempts() {
        String job = jobs.add(clipId, JobKind.RENDER, "{}").id();
        slept = jobs.begin(job);
        present = jobs.begin(job);
    }

    @Test
    void theEndOfTheLastAttemptCountsWhicheverComesFirst() {
        assertThat(jobs.finish(slept, JobState.FAILED, "It slept.", null, null)).isFalse();
        assertThat(jobs.get(present.jobId()).state()).isEqualTo(JobState.RUNNING);
        assertThat(jobs.finish(present, JobState.DONE, null, media.keep(new byte[5]), "film.mp4"))
                .isTrue();
        assertThat(jobs.finish(slept, JobState.FAILED, "It slept.", null, null)).isFalse();
        JobRow row = jobs.get(present.jobId());
        assertThat(row.state()).isEqualTo(JobState.DONE);
        assertThat(row.message()).isNull();
    }

    @Test
    void whatAnEarlierAttemptTellsIsNotHeard() {
        jobs.progress(slept, 0.9, "nearly");
        jobs.heard(slept, 1, 2);
        jobs.toolLines(slept, "no");
        JobRow row = jobs.get(present.jobId());
        assertThat(row.progress()).isZero();
        assertThat(row.heardMs()).isNull();
        jobs.progress(present, 0.1, "begun");
        assertThat(jobs.get(present.jobId()).message()).isEqualTo("begun");
    }

    @Test
    void anEarlierAttemptIsToldToStop() {
        assertThat(jobs.stopping(slept)).isTrue();
        assertThat(jobs.stopping(present)).isFalse();
        jobs.stop(present.jobId());
        assertThat(jobs.stopping(present)).isTrue();
    }

    @Test
    void wordsAreWrittenByTheLastAttemptOnly() {
        Restyle edit = new Restyle("Chalk");
        assertThatThrownBy(() -> tracks.change(clipId, slept, edit::said, edit::on))
                .isInstanceOf(SupersededAttemptException.class);
        assertThatThrownBy(() -> tracks.amend(clipId, slept, edit::said, (track, anew) -> edit.on(track)))
                .isInstanceOf(SupersededAttemptException.class);
        assertThatThrownBy(() -> jobs.write(slept, () -> clips.rename(clipId, "Slept")))
                .isInstanceOf(SupersededAttemptException.class);
        assertThat(tracks.get(clipId).version()).isZero();
        assertThat(clips.get(clipId).name()).isEqualTo("Three coats");
        assertThat(tracks.change(clipId, present, edit::said, edit::on).after().version())
                .isEqualTo(1);
        jobs.write(present, () -> clips.rename(clipId, "Awake"));
        assertThat(clips.get(clipId).name()).isEqualTo("Awake");
    }

    @Test
    void piecesGoOverToTheNextAttempt() throws IOException {
        Path before = Files.createDirectories(media.halves(slept));
        Files.writeString(before.resolve("piece00000.mp4"), "whole");
        Path now = media.halves(present);
        assertThat(before).doesNotExist();
        assertThat(now.resolve("piece00000.mp4")).hasContent("whole");
        assertThat(media.halves(present)).as("asked again").isEqualTo(now).isNotEmptyDirectory();
        media.halves(slept);
        assertThat(now).as("of one that woke up later").isNotEmptyDirectory();
        media.sweepHalves(jobs::open);
        assertThat(now).exists();
        jobs.finish(present, JobState.DONE, null, null, null);
        media.sweepHalves(jobs::open);
        assertThat(now).doesNotExist();
    }

    @Test
    void piecesOfAFilmThatBeginsDuringASweepStay() throws IOException {
        Files.createDirectories(media.halves(slept));
        jobs.finish(present, JobState.DONE, null, null, null);
        Path[] begun = new Path[1];
        media.sweepHalves(() -> {
            Set<String> open = jobs.open();
            begun[0] = media.halves(new Attempt("begun-meanwhile", 1));
            begun[0].toFile().mkdir();
            return open;
        });
        assertThat(media.halves(slept)).doesNotExist();
        assertThat(begun[0]).exists();
        media.sweepHalves(jobs::open);
    }
}
