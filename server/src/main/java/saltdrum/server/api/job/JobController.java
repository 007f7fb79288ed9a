package saltdrum.server.api.job;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.media.output.OutputKind;
import saltdrum.media.output.Receipt;
import saltdrum.server.api.Audited;
import saltdrum.server.api.MediaAnswers;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.job.JobState;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

@Tag(name = "work")
@RestController
@RequestMapping("/api")
class JobController {
    private final ClipStore clips;
    private final JobStore jobs;
    private final MediaStore media;
    private final MediaAnswers videos;
    private final Workers workers;
    private final SceneMaker scenes;

    JobController(
            ClipStore clips, JobStore jobs, MediaStore media, MediaAnswers videos, Workers workers, SceneMaker scenes) {
        this.videos = videos;
        this.scenes = scenes;
        this.clips = clips;
        this.jobs = jobs;
        this.media = media;
        this.workers = workers;
    }

    @Operation(summary = "All long work on a clip, newest first")
    @GetMapping("/clips/{clipId}/jobs")
    List<JobView> ofClip(@PathVariable String clipId) {
        List<JobRow> all = jobs.ofClip(clips.get(clipId).id());
        boolean waits = all.stream().anyMatch(job -> job.state() == JobState.WAITING);
        List<String> waiting = waits ? workers.waiting() : List.of();
        return all.stream().map(job -> JobView.of(job, waiting)).toList();
    }

    @GetMapping("/jobs/{jobId}")
    JobView job(@PathVariable String jobId) {
        return JobView.of(jobs.get(jobId));
    }

    @Operation(summary = "Stops a piece of work; what it has got is kept")
    @PostMapping("/jobs/{jobId}/stop")
    JobView stop(@PathVariable String jobId) {
        return JobView.of(workers.stop(jobId));
    }

    @Audited("Deleted a finished file")
    @Operation(summary = "Forgets a finished piece of work and deletes its file")
    @DeleteMapping("/jobs/{jobId}")
    void remove(@PathVariable String jobId) {
        jobs.remove(jobId);
        media.sweep();
    }

    @Operation(summary = "What was measured on the finished output")
    @GetMapping("/jobs/{jobId}/receipt")
    Receipt receipt(@PathVariable String jobId) {
        return jobs.receipt(jobId);
    }

    /**
     * What the stage showed when a file was ordered.
     *
     * @param output of what kind the file is
     */
    record OrderedStage(OutputKind output, Frame frame, FrameLayout layout, Scene scene) {}

    @Operation(summary = "The stage as it was when a file was ordered, to be laid beside it")
    @GetMapping("/jobs/{jobId}/stage")
    OrderedStage stage(@PathVariable String jobId) {
        JobRow job = jobs.get(jobId);
        if (!(WorkOrder.FORM.read(job.workOrder()) instanceof WorkOrder.Render order)) {
            throw new NotFoundException("Nothing was made for the stage of this output.");
        }
        ClipRow clip = clips.get(job.clipId());
        return new OrderedStage(
                order.output(),
                order.track().frame(),
                order.track().frame().layout(clip.info().size()),
                scenes.make(order.track(), order.style(), clip.info().size()));
    }

    @Hidden
    @GetMapping("/jobs/{jobId}/video")
    ResponseEntity<Resource> video(
            @PathVariable String jobId,
            @RequestParam(defaultValue = "false") boolean download,
            HttpServletRequest request)
            throws IOException {
        return videos.ofJob(jobs.get(jobId), download, request);
    }
}
