package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleFile;
import saltdrum.core.style.Voice;
import saltdrum.server.api.Audited;
import saltdrum.server.api.SmallUpload;
import saltdrum.server.store.style.StyleFiles;
import saltdrum.server.store.style.StyleRow;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.style.StyleUses;
import saltdrum.server.store.track.TrackStore;

/** Manages styles: saving, renaming, versions, removing and restoring, import and export. */
@Tag(name = "styles")
@RestController
@RequestMapping("/api")
class StyleController {
    private static final int MOST_BYTES = 40_000_000;

    private final StyleStore styles;
    private final StyleFiles files;
    private final TrackStore tracks;

    StyleController(StyleStore styles, StyleFiles files, TrackStore tracks) {
        this.files = files;
        this.styles = styles;
        this.tracks = tracks;
    }

    record StyleView(
            String name,
            String about,
            @Schema(description = "Its emphasis roles: word emphasis 1 is the first") List<String> emphasis,
            int version,
            boolean shipped,
            boolean putAway,
            @Schema(description = "When this version was saved") OffsetDateTime made) {
        static StyleView of(StyleRow row) {
            return new StyleView(
                    row.name(),
                    row.style().about(),
                    row.style().emphasis().stream().map(Voice::role).toList(),
                    row.version(),
                    row.shipped(),
                    row.putAway(),
                    row.made());
        }
    }

    @Operation(summary = "The styles there are, in the order of the strip")
    @GetMapping("/styles")
    List<StyleView> styles() {
        return styles.listed().stream().map(StyleView::of).toList();
    }

    /** @param over whether it may become a version more of a style that has this name */
    record SaveStyleRequest(String name, @MayBeMissing String about, boolean over) implements FromOutside {}

    @Operation(summary = "Keeps the look of a clip's track as a style: its style with all that the track changes of it")
    @PostMapping("/clips/{clipId}/styles")
    StyleView save(@PathVariable String clipId, @RequestBody SaveStyleRequest request) {
        Track track = tracks.get(clipId).track();
        Style settled = Cascade.settled(styles.of(track), track.styling());
        return StyleView.of(styles.save(
                settled.named(request.name() == null ? null : request.name().strip(), request.about()),
                request.over()));
    }

    record RenameStyleRequest(String name, String about) {}

    @PutMapping("/styles/{style}")
    StyleView rename(@PathVariable String style, @RequestBody RenameStyleRequest request) {
        return StyleView.of(styles.rename(
                style, request.name() == null ? style : request.name().strip(), request.about()));
    }

    @Operation(summary = "How many clips use a style, and for how many clients new clips start with it")
    @GetMapping("/styles/{style}/uses")
    StyleUses uses(@PathVariable String style) {
        return styles.uses(style);
    }

    @Operation(summary = "Takes a style out of the strip; tracks that use it keep it")
    @Audited("Put a style away")
    @DeleteMapping("/styles/{style}")
    StyleView putAway(@PathVariable String style) {
        return StyleView.of(styles.putAway(style, true));
    }

    @Operation(summary = "Brings back a style that was put away")
    @PostMapping("/styles/{style}/restore")
    StyleView restore(@PathVariable String style) {
        return StyleView.of(styles.putAway(style, false));
    }

    @Operation(summary = "Every version of a style, the newest first")
    @GetMapping("/styles/{style}/versions")
    List<StyleView> versions(@PathVariable String style) {
        return styles.versions(style).stream().map(StyleView::of).toList();
    }

    @Operation(summary = "Makes an older version the newest again")
    @PostMapping("/styles/{style}/versions/{version}/take")
    StyleView takeBack(@PathVariable String style, @PathVariable int version) {
        return StyleView.of(styles.takeBack(style, version));
    }

    @Operation(summary = "A style as a file: JSON, or with its own fonts a ZIP")
    @GetMapping("/styles/{style}/file")
    ResponseEntity<byte[]> file(
            @PathVariable String style,
            @RequestParam(defaultValue = "0") int version,
            @RequestParam(defaultValue = "false") boolean fonts) {
        StyleRow row = styles.row(style, version);
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(row.name() + (fonts ? ".style.zip" : ".style.json"), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .contentType(fonts ? MediaType.valueOf("application/zip") : MediaType.APPLICATION_JSON)
                .body(
                        fonts
                                ? files.packed(row.style())
                                : StyleFile.write(row.style()).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * @param name under which it would be kept
     * @param exists a style has that name: taking it is a version more of that one
     * @param missing typefaces that are neither here nor in the file
     * @param missingStickers how many of its stickers are neither
     */
    record StyleSeen(String name, String about, boolean exists, List<String> missing, int missingStickers) {}

    /** @param fonts that come with it */
    record StyleFileView(List<StyleSeen> styles, List<StyleFiles.CameWith> fonts) {}

    @Operation(summary = "Says what a file with styles holds (JSON, ZIP or ASS); with take, keeps it as well")
    @PostMapping(value = "/styles/file", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    StyleFileView bringIn(@RequestParam(defaultValue = "false") boolean take, HttpServletRequest request)
            throws IOException {
        byte[] file = SmallUpload.bytes(request, MOST_BYTES, "This file");
        StyleFiles.Content content = take ? files.take(file) : files.look(file);
        return new StyleFileView(
                content.styles().stream()
                        .map(seen -> new StyleSeen(
                                seen.style().name(),
                                seen.style().about(),
                                seen.exists(),
                                seen.missing(),
                                seen.missingStickers()))
                        .toList(),
                content.fonts());
    }
}
