package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Range;
import saltdrum.core.recut.CarryOverResult;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.server.api.job.JobView;
import saltdrum.server.store.clip.ClipName;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.clip.RecutRow;
import saltdrum.server.store.clip.RecutStore;
import saltdrum.server.store.job.JobKind;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

/** Replaces a clip's footage by a new cut and transfers its captions. */
@Tag(name = "clips")
@RestController
@RequestMapping("/api/clips/{clipId}/footage")
public class FootageController {
    private final ClipStore clips;
    private final RecutStore recuts;
    private final JobStore jobs;
    private final MediaStore media;
    private final Workers workers;

    FootageController(ClipStore clips, RecutStore recuts, JobStore jobs, MediaStore media, Workers workers) {
        this.clips = clips;
        this.recuts = recuts;
        this.jobs = jobs;
        this.media = media;
        this.workers = workers;
    }

    /** Outside the described API's types: the body is the raw file. */
    @Hidden
    @PutMapping
    JobView replace(@PathVariable String clipId, @RequestParam String name, HttpServletRequest request)
            throws IOException {
        ClipRow clip = clips.get(clipId);
        boolean busy = jobs.ofClip(clipId).stream()
                .anyMatch(job -> job.kind() == JobKind.WORDS && job.state().isOpen());
        if (busy) {
            throw new RefusedEditException(
                    "A job is working on its words. Wait until it is done, or stop it; nothing was changed.");
        }
        Path part = media.receive(request.getInputStream(), request.getContentLengthLong(), MediaStore.MOST_BYTES);
        try {
            if (request.getContentLengthLong() >= 0 && Files.size(part) < request.getContentLengthLong()) {
                throw new BadInputException("Only a part of the file arrived. Upload it again.");
            }
            ClipInfo info = Probe.of(part);
            String hash = media.keep(part);
            if (hash.equals(clip.mediaHash())) {
                throw new BadInputException("The clip already has this footage. Nothing was changed.");
            }
            recuts.offer(clipId, hash, info, ClipName.of(name));
            return JobView.of(workers.order(clipId, new WorkOrder.Recut()));
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** @param atMs in the old footage */
    record LostView(String text, int atMs) {}

    /**
     * @param done whether the clip has been given other footage that is not noted yet; the rest is empty where not
     * @param fileName of that footage
     * @param kept how many words are where they were, {@code moved} how many are elsewhere
     * @param lost those that are said no more
     * @param fresh stretches that the old footage did not have
     * @param beforeId the clip as it was, in the archive
     */
    public record FootageView(
            boolean done,
            String fileName,
            int kept,
            int moved,
            List<LostView> lost,
            List<Range> fresh,
            @MayBeMissing String beforeId) {}

    @Operation(summary = "What became of the words when a clip was given other footage")
    @GetMapping
    FootageView get(@PathVariable String clipId) {
        RecutRow recut = recuts.find(clips.get(clipId).id());
        if (recut == null || recut.carried() == null) {
            return new FootageView(false, "", 0, 0, List.of(), List.of(), null);
        }
        CarryOverResult carried = recut.carried();
        return new FootageView(
                true,
                recut.fileName(),
                carried.kept(),
                carried.moved(),
                carried.lost().stream()
                        .map(word -> new LostView(word.text(), word.atMs()))
                        .toList(),
                carried.fresh(),
                recut.beforeId());
    }

    @Operation(summary = "Marks the result for the words as seen; it is not shown again")
    @DeleteMapping
    void note(@PathVariable String clipId) {
        recuts.forget(clips.get(clipId).id());
    }
}
