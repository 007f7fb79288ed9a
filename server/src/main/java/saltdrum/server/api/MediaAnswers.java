package saltdrum.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.output.OutputKind;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.media.MediaStore;

/** Serves media, as a whole or by range. */
@Component
public class MediaAnswers {
    private final MediaStore media;

    MediaAnswers(MediaStore media) {
        this.media = media;
    }

    /** A clip as a browser can play it. */
    public ResponseEntity<Resource> ofClip(ClipRow clip, HttpServletRequest request) throws IOException {
        ClipInfo info = clip.info();
        boolean webm = clip.proxyHash() == null
                && info.container().contains("webm")
                && !info.videoCodec().equals("h264");
        String hash = clip.proxyHash() == null ? clip.mediaHash() : clip.proxyHash();
        Resource file = media.resource(hash);
        CannotMeetRangeException.unlessMet(request, file);
        return kept(hash, MediaType.parseMediaType(webm ? "video/webm" : "video/mp4"));
    }

    /** A file of the store that never changes. @param hash null for one that is not there yet */
    public ResponseEntity<Resource> kept(String hash, MediaType type) {
        if (hash == null) {
            throw new NotFoundException("This clip is still being prepared.");
        }
        return ResponseEntity.ok()
                .contentType(type)
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(1)).cachePrivate())
                .eTag("\"" + hash + "\"")
                .body(media.resource(hash));
    }

    /** A finished file. @param download whether it is to be kept, not shown */
    public ResponseEntity<Resource> ofJob(JobRow job, boolean download, HttpServletRequest request) throws IOException {
        if (job.outputHash() == null) {
            throw new NotFoundException("This render has no video yet.");
        }
        Resource file = media.resource(job.outputHash());
        CannotMeetRangeException.unlessMet(request, file);
        ContentDisposition disposition = (download ? ContentDisposition.attachment() : ContentDisposition.inline())
                .filename(job.outputName(), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(OutputKind.mediaType(job.outputName())))
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(1)).cachePrivate())
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(file);
    }
}
