package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.FromOutside;
import saltdrum.core.cue.Range;
import saltdrum.core.sound.Wav;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.media.clip.SpeechEdges;
import saltdrum.server.api.MediaAnswers;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;
import saltdrum.server.work.speech.ClipSound;
import saltdrum.speech.SpeechDesk;

/** The sounds of a clip: which one is listened to, and what is drawn of it. */
@Tag(name = "clips")
@RestController
@RequestMapping("/api/clips/{clipId}")
class ClipSoundController {
    private final ClipStore clips;
    private final MediaStore media;
    private final MediaAnswers videos;
    private final Workers workers;
    private final ClipSound sounds;
    private final SpeechDesk speech;

    ClipSoundController(
            ClipStore clips,
            MediaStore media,
            MediaAnswers videos,
            Workers workers,
            ClipSound sounds,
            SpeechDesk speech) {
        this.sounds = sounds;
        this.speech = speech;
        this.clips = clips;
        this.media = media;
        this.videos = videos;
        this.workers = workers;
    }

    record SoundRequest(String sound) implements FromOutside {}

    @Operation(summary = "Chooses the sound that is listened to")
    @PutMapping("/sound")
    ClipView listenTo(@PathVariable String clipId, @RequestBody SoundRequest request) {
        ClipInfo info = clips.get(clipId).info();
        clips.listenTo(clipId, SoundChoice.parse(request.sound()).in(info).written());
        workers.order(clipId, new WorkOrder.Listen());
        return ClipView.of(clips.listed(clipId));
    }

    record SpeechView(boolean speech) {}

    @Operation(summary = "Whether somebody speaks in the sound that is listened to")
    @GetMapping("/speech")
    SpeechView speech(@PathVariable String clipId) {
        return new SpeechView(speech.hasSpeech(sounds.part(clips.get(clipId), Range.ALL)));
    }

    @Operation(summary = "Loudness for drawing: one byte for each 10 ms, 0 to 255")
    @GetMapping(path = "/sounds/{choice}/peaks", produces = "application/octet-stream")
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
    @GetMapping("/sounds/{choice}/sample")
    ResponseEntity<byte[]> sample(@PathVariable String clipId, @PathVariable String choice) {
        ClipRow clip = clips.get(clipId);
        SoundChoice sound = SoundChoice.parse(choice).in(clip.info());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("audio/wav"))
                .body(Wav.of(
                        SoundTrack.speech(media.file(clip.mediaHash()), sound).part(0, SAMPLE_MS)));
    }

    @Hidden
    @GetMapping(path = "/peaks", produces = "application/octet-stream")
    ResponseEntity<Resource> peaks(@PathVariable String clipId) {
        return videos.kept(clips.get(clipId).peaksHash(), MediaType.APPLICATION_OCTET_STREAM);
    }

    @Operation(summary = "Where the sound rises from quiet and falls back to it, ms, for edges to snap to")
    @GetMapping("/speech-edges")
    List<Integer> speechEdges(@PathVariable String clipId) throws IOException {
        String peaks = clips.get(clipId).peaksHash();
        return peaks == null ? List.of() : SpeechEdges.of(Files.readAllBytes(media.file(peaks)));
    }
}
