package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.CaptionImport;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.Captions;
import saltdrum.core.format.file.CaptionFile;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.language.LanguageGuess;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;
import saltdrum.media.clip.CaptionStream;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.api.SmallUpload;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.track.StoredChange;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.store.track.TrackVersion;

/** Imports and exports caption files of a clip's track. */
@Tag(name = "captions")
@RestController
@RequestMapping("/api/clips/{clipId}/captions")
class CaptionController {
    static final int MOST_BYTES = 5_000_000;

    private final ClipStore clips;
    private final TrackStore tracks;
    private final MediaStore media;
    private final StyleShelf styles;
    private final FontHeights heights;

    CaptionController(ClipStore clips, TrackStore tracks, MediaStore media, StyleShelf styles, FontHeights heights) {
        this.heights = heights;
        this.styles = styles;
        this.clips = clips;
        this.tracks = tracks;
        this.media = media;
    }

    /** What came of a file that was read. */
    record BroughtIn(
            int cues,
            int words,
            List<String> repairs,
            @Schema(description = "The language that its text is likely in, where the file does not say it")
                    String proposed) {}

    /**
     * A caption format and what it cannot hold of the present track.
     *
     * @param endings of its files, without the dot; the first is used for export
     */
    record FormatView(String format, String label, List<String> endings, List<String> loses) {}

    @Operation(summary = "The kinds of caption files that can be written, and what each would lose")
    @GetMapping
    List<FormatView> formats(@PathVariable String clipId, @RequestParam(required = false) String language) {
        Track track = tracks.shown(clips.get(clipId).id(), language).track();
        return CaptionFormats.ALL.stream()
                .map(format -> new FormatView(
                        format.name(), format.label(), format.endings(), format.losses(track, styles.of(track))))
                .toList();
    }

    @Hidden
    @GetMapping("/{format}")
    ResponseEntity<byte[]> write(
            @PathVariable String clipId, @PathVariable String format, @RequestParam(required = false) String language) {
        ClipRow clip = clips.get(clipId);
        Track track = tracks.shown(clipId, language).track();
        String suffix = language == null || language.isBlank() ? "" : "." + language;
        CaptionFormat kind = CaptionFormats.of(format);
        String text = kind.write(
                track, styles.of(track), track.frame().output(info(clip).size()), heights);
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(clip.name() + suffix + "." + kind.endings().get(0), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/plain;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Outside the described API's types: the body is the raw file. */
    @Hidden
    @PutMapping
    BroughtIn read(@PathVariable String clipId, @RequestParam String name, HttpServletRequest request)
            throws IOException {
        return bringIn(clipId, SmallUpload.bytes(request, MOST_BYTES, Quoted.of(name)), name);
    }

    @Operation(summary = "Reads a caption stream of the video into the track")
    @PostMapping("/streams/{index}")
    BroughtIn readStream(@PathVariable String clipId, @PathVariable int index) {
        ClipRow clip = clips.get(clipId);
        byte[] bytes = CaptionStream.read(media.file(clip.mediaHash()), info(clip), index);
        return bringIn(clipId, bytes, "caption stream " + (index + 1));
    }

    private BroughtIn bringIn(String clipId, byte[] bytes, String name) {
        ClipInfo info = info(clips.get(clipId));
        CaptionFile file = Captions.read(bytes, name);
        CaptionImport bring =
                CaptionImport.of(file, name, tracks.get(clipId).track().language(), info.durationMs());
        StoredChange change = tracks.change(clipId, TrackVersion.NEWEST, bring.edit());
        return new BroughtIn(
                bring.cues().size(),
                bring.words().size(),
                bring.repairs().stream().map(Repair::toString).toList(),
                proposed(file, change.after().track()));
    }

    /** The language suggested by the text if the file states none; never applied automatically. */
    private static String proposed(CaptionFile file, Track track) {
        if (file.language() != null && !file.language().equals("und")) {
            return null;
        }
        String text = track.words().map(Word::text).limit(400).collect(Collectors.joining(" "));
        String present = Locale.forLanguageTag(track.language()).getLanguage();
        return LanguageGuess.of(text).filter(tag -> !tag.equals(present)).orElse(null);
    }

    private static ClipInfo info(ClipRow clip) {
        return clip.info();
    }
}
