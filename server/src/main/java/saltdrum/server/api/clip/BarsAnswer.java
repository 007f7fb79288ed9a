package saltdrum.server.api.clip;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.media.paint.BarsPicture;
import saltdrum.server.store.style.PictureStore;

/** Serves the picture from which bars are cut, the same as in the burn. */
@Component
public class BarsAnswer {
    private static final int MOST_SIDE = 4096;

    private final PictureStore pictures;

    BarsAnswer(PictureStore pictures) {
        this.pictures = pictures;
    }

    /** @param picture hash of one's own; null for a blend */
    public ResponseEntity<byte[]> of(Size size, String from, String to, String picture) {
        Bars.Kind kind = picture == null ? Bars.Kind.GRADIENT : Bars.Kind.PICTURE;
        Frame frame = new Frame(
                Frame.Aspect.SQUARE,
                Frame.Sit.FIT,
                from,
                null,
                0,
                null,
                new Bars(kind, to, null, null, picture, null, null));
        if (Math.max(size.width(), size.height()) > MOST_SIDE) {
            throw new BadInputException("A side of a picture has at most " + MOST_SIDE + " pixels.");
        }
        byte[] own = picture == null ? null : pictures.bytes(picture);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .contentType(MediaType.IMAGE_PNG)
                .body(BarsPicture.png(frame, size, own));
    }
}
