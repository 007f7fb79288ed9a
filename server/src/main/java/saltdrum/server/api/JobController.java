package saltdrum.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.media.output.Receipt;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobStore;
import saltdrum.server.store.MediaStore;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.work.Workers;

@Tag(name = "work")
@RestController
@RequestMapping("/api")
class JobController {
    private final ClipStore clips;
    private final JobStore jobs;
    private final MediaStore media;
    private final Workers workers;

    JobController(ClipStore clips, JobStore jobs, MediaStore media, Workers workers) {
        this.clips = clips;
        this.jobs = jobs;
        this.media = media;
        this.workers = workers;
    }

    @Operation(summary = "All long work on a clip, newest first")
    @GetMapping("/clips/{clipId}/jobs")
    List<JobView> ofClip(@PathVariable String clipId) {
        return jobs.ofClip(clips.get(clipId).id()).stream().map(JobView::of).toList();
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

    /** By the ending of a file that we made. */
    private static MediaType type(String name) {
        String ending = name.substring(name.lastIndexOf('.') + 1);
        return MediaType.parseMediaType(
                switch (ending) {
                    case "mov" -> "video/quicktime";
                    case "webm" -> "video/webm";
                    case "zip" -> "application/zip";
                    case "m4a" -> "audio/mp4";
                    case "webp" -> "image/webp";
                    case "gif" -> "image/gif";
                    default -> "video/mp4";
                });
    }

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

    @Hidden
    @GetMapping("/jobs/{jobId}/video")
    ResponseEntity<Resource> video(
            @PathVariable String jobId,
            @RequestParam(defaultValue = "false") boolean download,
            HttpServletRequest request)
            throws IOException {
        JobRow job = jobs.get(jobId);
        if (job.outputHash() == null) {
            throw new NotFoundException("This render has no video yet.");
        }
        CannotMeetRangeException.unlessMet(request, media.file(job.outputHash()));
        ContentDisposition disposition = (download ? ContentDisposition.attachment() : ContentDisposition.inline())
                .filename(job.outputName(), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type(job.outputName()))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(new FileSystemResource(media.file(job.outputHash())));
    }
}
