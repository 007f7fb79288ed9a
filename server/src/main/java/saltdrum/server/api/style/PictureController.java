package saltdrum.server.api.style;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.cue.Size;
import saltdrum.media.clip.OwnPicture;
import saltdrum.server.api.Audited;
import saltdrum.server.api.clip.BarsAnswer;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.PictureStore;
import saltdrum.server.store.style.PictureStore.PictureRow;

/** Gradients and added pictures for the bars beside a clip. */
@Tag(name = "frames")
@RestController
@RequestMapping("/api")
class PictureController {
    private final PictureStore pictures;
    private final MediaStore media;
    private final BarsAnswer bars;

    PictureController(PictureStore pictures, MediaStore media, BarsAnswer bars) {
        this.bars = bars;
        this.pictures = pictures;
        this.media = media;
    }

    @Operation(summary = "The pictures that were added for bars, the oldest first")
    @GetMapping("/pictures")
    List<PictureRow> all() {
        return pictures.all();
    }

    /** Outside the described API's types: the body is the raw file. */
    @Hidden
    @PutMapping("/pictures")
    PictureRow bringIn(@RequestParam String name, HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return pictures.take(name, media.receive(in, request.getContentLengthLong(), OwnPicture.MOST_BYTES));
        }
    }

    @Operation(summary = "Takes a picture out of the list; what uses it keeps it")
    @Audited("Put a picture away")
    @DeleteMapping("/pictures/{hash}")
    PictureRow putAway(@PathVariable String hash) {
        return pictures.putAway(hash, true);
    }

    @Operation(summary = "Brings back a picture that was put away")
    @PostMapping("/pictures/{hash}/restore")
    PictureRow restore(@PathVariable String hash) {
        return pictures.putAway(hash, false);
    }

    /** The picture that bars are cut from, as the burn has it. */
    @Hidden
    @GetMapping("/bars")
    ResponseEntity<byte[]> bars(
            @RequestParam int width,
            @RequestParam int height,
            @RequestParam String from,
            @RequestParam String to,
            @RequestParam(required = false) String picture) {
        return bars.of(new Size(width, height), from, to, picture);
    }
}
