package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.FromOutside;
import saltdrum.core.delivery.ChangesSince;
import saltdrum.server.api.Audited;
import saltdrum.server.api.clip.ClipView;
import saltdrum.server.store.clip.ClipListRow;
import saltdrum.server.store.clip.ClipName;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipSearch;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.clip.SearchHit;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.media.Shelf;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.ClientZones;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

/** Searches, archives, copies and removes clips. */
@Tag(name = "clips")
@RestController
@RequestMapping("/api/clips")
class ShelfController {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final JobStore jobs;
    private final Workers workers;
    private final MediaStore media;
    private final ClientZones zones;

    ShelfController(
            ClipStore clips, TrackStore tracks, JobStore jobs, Workers workers, MediaStore media, ClientZones zones) {
        this.clips = clips;
        this.tracks = tracks;
        this.jobs = jobs;
        this.workers = workers;
        this.media = media;
        this.zones = zones;
    }

    @Operation(summary = "Clips of a shelf, the newest first; of those at hand if none is named")
    @GetMapping
    List<ClipView> all(
            @RequestParam(required = false)
                    @Schema(description = "Words that name, client or captions must hold, all of them")
                    String q,
            @RequestParam(required = false) @Schema(description = "Id of a client; 0 for the workshop's own")
                    Long client,
            @RequestParam(defaultValue = "HERE") Shelf shelf) {
        ClipSearch search = ClipSearch.of(q, client, shelf);
        List<ClipListRow> listed = clips.listed(search);
        Map<String, SearchHit> found = clips.found(search);
        return listed.stream().map(row -> ClipView.of(row, found.get(row.id()))).toList();
    }

    record NameRequest(String name) implements FromOutside {}

    @Operation(summary = "Calls a clip otherwise")
    @PutMapping("/{clipId}/name")
    ClipView rename(@PathVariable String clipId, @RequestBody NameRequest request) {
        clips.rename(clipId, ClipName.typed(request.name()));
        return one(clipId);
    }

    record ArchivedRequest(boolean archived) implements FromOutside {}

    @Operation(summary = "Puts a clip into the archive, or takes it out")
    @PutMapping("/{clipId}/archived")
    ClipView archive(@PathVariable String clipId, @RequestBody ArchivedRequest request) {
        clips.archive(clipId, request.archived());
        return one(clipId);
    }

    @Audited("Removed a clip")
    @Operation(summary = "Removes a clip; it can be brought back for two weeks")
    @DeleteMapping("/{clipId}")
    void remove(@PathVariable String clipId) {
        clips.remove(clipId);
        jobs.openOf(clipId).forEach(workers::stop);
    }

    @Operation(summary = "Brings a removed clip back, as it was")
    @PostMapping("/{clipId}/back")
    ClipView bringBack(@PathVariable String clipId) {
        clips.bringBack(clipId);
        // They may have changed while it was away.
        zones.ofClip(clipId);
        return one(clipId);
    }

    @Audited("Deleted a clip for good")
    @Operation(summary = "Forgets a removed clip for good, with its words and renders")
    @DeleteMapping("/{clipId}/for-good")
    void forget(@PathVariable String clipId) {
        clips.forget(clipId);
        media.sweep();
    }

    @Operation(summary = "The same footage and captions once more, as a clip of its own")
    @PostMapping("/{clipId}/copy")
    ClipView copy(@PathVariable String clipId) {
        ClipRow clip = clips.get(clipId);
        ClipRow copy = clips.copy(clipId, ClipName.copied(clip.name()));
        if (!clips.listed(copy.id()).prepared()) {
            workers.order(copy.id(), new WorkOrder.Prepare());
        }
        return one(copy.id());
    }

    /**
     * @param delivered whether anything was ever made with these captions
     * @param changes since the last delivery, a sentence each
     */
    record SinceView(boolean delivered, List<String> changes) {}

    @Operation(summary = "What has changed in a clip's own captions since the newest output that shows them")
    @GetMapping("/{clipId}/since")
    SinceView since(@PathVariable String clipId) {
        String last = jobs.lastDelivered(clips.get(clipId).id());
        if (last == null) {
            return new SinceView(false, List.of());
        }
        WorkOrder.Render order = (WorkOrder.Render) WorkOrder.FORM.read(last);
        return new SinceView(
                true, ChangesSince.of(order.track(), tracks.get(clipId).track()));
    }

    private ClipView one(String clipId) {
        return ClipView.of(clips.listed(clipId));
    }
}
