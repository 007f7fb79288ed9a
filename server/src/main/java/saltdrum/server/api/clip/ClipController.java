package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.sound.Wav;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.Probe;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.media.clip.SpeechEdges;
import saltdrum.server.api.MediaAnswers;
import saltdrum.server.packed.ClipPacker;
import saltdrum.server.packed.ClipUnpacker;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.StyleRow;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;

@Tag(name = "clips")
@RestController
@RequestMapping("/api/clips")
class ClipController {
    private static final String FIRST_STYLE = "Mallet";

    private final ClipStore clips;
    private final ClientStore clients;
    private final TrackStore tracks;
    private final StyleStore styles;
    private final MediaStore media;
    private final MediaAnswers videos;
    private final ClipPacker packer;
    private final ClipUnpacker unpacker;
    private final Workers workers;

    ClipController(
            ClipStore clips,
            ClientStore clients,
            TrackStore tracks,
            StyleStore styles,
            MediaStore media,
            MediaAnswers videos,
            ClipPacker packer,
            ClipUnpacker unpacker,
            Workers workers) {
        this.videos = videos;
        this.packer = packer;
        this.unpacker = unpacker;
        this.tracks = tracks;
        this.styles = styles;
        this.clips = clips;
        this.clients = clients;
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
    ClipView bringIn(@RequestParam String name, HttpServletRequest request) throws IOException {
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
            ClipInfo info = Probe.of(part);
            String last = styles.lastUsed();
            String style = last == null ? FIRST_STYLE : last;
            ClipRow row = clips.add(ClipName.of(name), media.keep(part), info, Track.empty("en", style));
            workers.order(row.id(), new WorkOrder.Prepare());
            return one(row.id());
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

    record SoundRequest(String sound) implements FromOutside {}

    @Operation(summary = "Chooses the sound that is listened to")
    @PutMapping("/{clipId}/sound")
    ClipView listenTo(@PathVariable String clipId, @RequestBody SoundRequest request) {
        ClipInfo info = clips.get(clipId).info();
        clips.listenTo(clipId, SoundChoice.parse(request.sound()).in(info).written());
        workers.order(clipId, new WorkOrder.Listen());
        return one(clipId);
    }

    /** A clip without a style takes the default style of its client's clips. */
    private void startAsItsClientDoes(String clipId, Long clientId) {
        String style = clientId == null ? null : clients.style(clientId);
        // Choosing a style always sets a version.
        boolean unstyled = tracks.get(clipId).track().styling().version() == 0;
        if (style != null && unstyled) {
            StyleRow row = styles.row(style, 0);
            tracks.change(clipId, TrackVersion.NEWEST, new Restyle(row.name(), row.version(), null));
        }
    }

    record ClientRequest(Long clientId) {}

    @Operation(summary = "Says whose clip it is; null for the workshop's own")
    @PutMapping("/{clipId}/client")
    ClipView belongTo(@PathVariable String clipId, @RequestBody ClientRequest request) {
        clients.check(request.clientId());
        clips.belongTo(clips.get(clipId).id(), request.clientId());
        startAsItsClientDoes(clipId, request.clientId());
        return one(clipId);
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

    @Operation(summary = "Loudness for drawing: one byte for each 10 ms, 0 to 255")
    @GetMapping(path = "/{clipId}/sounds/{choice}/peaks", produces = "application/octet-stream")
    ResponseEntity<byte[]> peaksOf(@PathVariable String clipId, @PathVariable String choice) {
        ClipRow clip = clips.get(clipId);
        ClipInfo info = clip.info();
        SoundChoice sound = SoundChoice.parse(choice).in(info);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .body(Peaks.of(media.file(clip.mediaHash()), info, sound));
    }

    /** Length of a sound sample that is enough to recognise it. */
    private static final int SAMPLE_MS = 20_000;

    @Hidden
    @GetMapping("/{clipId}/sounds/{choice}/sample")
    ResponseEntity<byte[]> sample(@PathVariable String clipId, @PathVariable String choice) {
        ClipRow clip = clips.get(clipId);
        SoundChoice sound = SoundChoice.parse(choice).in(clip.info());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("audio/wav"))
                .body(Wav.of(
                        SoundTrack.speech(media.file(clip.mediaHash()), sound).part(0, SAMPLE_MS)));
    }

    @Hidden
    @GetMapping(path = "/{clipId}/peaks", produces = "application/octet-stream")
    ResponseEntity<Resource> peaks(@PathVariable String clipId) {
        return videos.kept(clips.get(clipId).peaksHash(), MediaType.APPLICATION_OCTET_STREAM);
    }

    @Operation(summary = "Where the sound rises from quiet and falls back to it, ms, for edges to snap to")
    @GetMapping("/{clipId}/speech-edges")
    List<Integer> speechEdges(@PathVariable String clipId) throws IOException {
        String peaks = clips.get(clipId).peaksHash();
        return peaks == null ? List.of() : SpeechEdges.of(Files.readAllBytes(media.file(peaks)));
    }
}
