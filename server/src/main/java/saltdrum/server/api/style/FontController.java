package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.text.Quoted;
import saltdrum.media.font.FontHead;
import saltdrum.server.api.Audited;
import saltdrum.server.api.SmallUpload;
import saltdrum.server.store.style.FontRow;
import saltdrum.server.store.style.FontStore;

/** The fonts that were added. */
@Tag(name = "fonts")
@RestController
@RequestMapping("/api/fonts")
class FontController {
    private final FontStore fonts;

    FontController(FontStore fonts) {
        this.fonts = fonts;
    }

    record FontView(
            String id,
            String fileName,
            String family,
            int weight,
            boolean italic,
            boolean variable,
            @Schema(description = "What is noted of its licence; at first what the font says itself") String licence,
            @Schema(description = "Its maker forbids to embed it") boolean closed,
            boolean putAway) {
        static FontView of(FontRow row) {
            return new FontView(
                    row.id(),
                    row.fileName(),
                    row.facts().family(),
                    row.facts().weight(),
                    row.facts().italic(),
                    !row.facts().axes().isEmpty(),
                    row.licence(),
                    row.facts().closed(),
                    row.putAway());
        }
    }

    @Operation(summary = "The fonts that were added, by family and weight")
    @GetMapping
    List<FontView> all() {
        return fonts.all().stream().map(FontView::of).toList();
    }

    /** Outside the described API's types: the body is the raw file. */
    @Hidden
    @PutMapping
    FontView bringIn(
            @RequestParam String name, @RequestParam(defaultValue = "") String licence, HttpServletRequest request)
            throws IOException {
        return FontView.of(fonts.take(name, licence, SmallUpload.bytes(request, FontHead.MOST_BYTES, Quoted.of(name))));
    }

    record FontNoteRequest(String licence) {}

    @Operation(summary = "Notes what a font's licence allows")
    @PutMapping("/{fontId}/licence")
    FontView note(@PathVariable String fontId, @RequestBody FontNoteRequest request) {
        return FontView.of(fonts.note(fontId, request.licence() == null ? "" : request.licence()));
    }

    @Operation(summary = "Takes a font out of the list; what uses it keeps it")
    @Audited("Put a font away")
    @DeleteMapping("/{fontId}")
    FontView putAway(@PathVariable String fontId) {
        return FontView.of(fonts.putAway(fontId, true));
    }

    @Operation(summary = "Brings back a font that was put away")
    @PostMapping("/{fontId}/restore")
    FontView restore(@PathVariable String fontId) {
        return FontView.of(fonts.putAway(fontId, false));
    }
}
