package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import saltdrum.core.BadInputException;
import saltdrum.server.api.MediaAnswers;
import saltdrum.server.packed.ClipPacker;
import saltdrum.server.packed.ClipUnpacker;
import saltdrum.server.store.clip.ClipName;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.draft.Arrivals;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

@Tag(name = "clips")
@RestController
@RequestMapping("/api/clips")
class ClipController {
    private final ClipStore clips;
    private final Arrivals arrivals;
    private final MediaStore media;
    private final MediaAnswers videos;
    private final ClipPacker packer;
    private final ClipUnpacker unpacker;
    private final Workers workers;

    ClipController(
            ClipStore clips,
            Arrivals arrivals,
            MediaStore media,
            MediaAnswers videos,
            ClipPacker packer,
            ClipUnpacker unpacker,
            Workers workers) {
        this.videos = videos;
        this.packer = packer;
        this.unpacker = unpacker;
        this.arrivals = arrivals;
        this.clips = clips;
        this.media = media;
        this.workers = workers;
    }

    @GetMapping("/{clipId}")
    ClipView one(@PathVariable String clipId) {
        return ClipView.of(clips.listed(clipId));
    }

    /** Outside the described API's types: the body is the raw file. */
    @Hidden
    @PutMapping
    ClipView bringIn(@RequestParam String name, @RequestParam(required = false) Long client, HttpServletRequest request)
            throws IOException {
        Path part = media.receive(request.getInputStream(), request.getContentLengthLong(), MediaStore.MOST_BYTES);
        try {
            if (request.getContentLengthLong() >= 0 && Files.size(part) < request.getContentLengthLong()) {
                throw new BadInputException("Only a part of the file arrived. Upload it again.");
            }
            if (unpacker.isOne(part)) {
                String id = unpacker.bringIn(part, ClipName::typed);
                workers.order(id, new WorkOrder.Prepare());
                return one(id);
            }
            return one(arrivals.clip(part, name, client));
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Outside the described API's types: the body is a ZIP. */
    @Hidden
    @GetMapping("/{clipId}/package")
    ResponseEntity<StreamingResponseBody> packed(@PathVariable String clipId) {
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(clips.get(clipId).name() + ".clip.zip", StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(out -> packer.pack(clipId, out));
    }

    @Hidden
    @GetMapping("/{clipId}/video")
    ResponseEntity<Resource> video(@PathVariable String clipId, HttpServletRequest request) throws IOException {
        return videos.ofClip(clips.get(clipId), request);
    }

    @Hidden
    @GetMapping("/{clipId}/poster")
    ResponseEntity<Resource> poster(@PathVariable String clipId) {
        return videos.kept(clips.get(clipId).posterHash(), MediaType.IMAGE_JPEG);
    }
}
