package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.text.Quoted;
import saltdrum.media.emoji.Stickers;
import saltdrum.server.api.Audited;
import saltdrum.server.api.SmallUpload;
import saltdrum.server.store.style.StickerStore;
import saltdrum.server.store.style.StickerStore.StickerRow;

/** Uploaded pictures that can be placed at words like emoji. */
@Tag(name = "styles")
@RestController
@RequestMapping("/api/stickers")
class StickerController {
    private final StickerStore stickers;

    StickerController(StickerStore stickers) {
        this.stickers = stickers;
    }

    @Operation(summary = "The stickers that were added, the oldest first")
    @GetMapping
    List<StickerRow> all() {
        return stickers.all();
    }

    /** Outside the described API's types: the body is the raw file. */
    @Hidden
    @PutMapping
    StickerRow bringIn(@RequestParam String name, HttpServletRequest request) throws IOException {
        return stickers.take(name, SmallUpload.bytes(request, Stickers.MOST_BYTES, Quoted.of(name)));
    }

    @Operation(summary = "Takes a sticker out of the list; what uses it keeps it")
    @Audited("Put a sticker away")
    @DeleteMapping("/{name}")
    StickerRow putAway(@PathVariable String name) {
        return stickers.putAway(name, true);
    }

    @Operation(summary = "Brings back a sticker that was put away")
    @PostMapping("/{name}/restore")
    StickerRow restore(@PathVariable String name) {
        return stickers.putAway(name, false);
    }
}
