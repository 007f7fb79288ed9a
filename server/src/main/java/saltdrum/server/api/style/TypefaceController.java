package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.layout.type.TextSample;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.core.look.Face;
import saltdrum.media.font.FontShelf;

/** All available typefaces, each with a sample. */
@Tag(name = "styles")
@RestController
@RequestMapping("/api/typefaces")
class TypefaceController {
    private static final int MOST_LETTERS = 40;

    private final FontShelf fonts;
    private final Typesetter typesetter;

    TypefaceController(FontShelf fonts, Typesetter typesetter) {
        this.fonts = fonts;
        this.typesetter = typesetter;
    }

    @Operation(summary = "The families of letters there are")
    @GetMapping
    List<FontShelf.Family> typefaces() {
        return fonts.families();
    }

    @Operation(summary = "A few words in a typeface, as a drawing")
    @GetMapping(value = "/{family}/sample", produces = "image/svg+xml")
    ResponseEntity<String> sample(
            @PathVariable String family,
            @RequestParam(defaultValue = "700") int weight,
            @RequestParam(defaultValue = "Salt and drum") String text,
            @RequestParam(defaultValue = "en") String language) {
        String shown = text.codePoints()
                .limit(MOST_LETTERS)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        String svg = TextSample.svg(typesetter, new Face(family, weight), shown, language);
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                // The missing family of a fallback may have been installed since.
                .cacheControl(CacheControl.noCache())
                .eTag(Integer.toHexString(svg.hashCode()))
                .header("Content-Security-Policy", "default-src 'none'; sandbox")
                .body(svg);
    }
}
