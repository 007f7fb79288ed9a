package saltdrum.media.output;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.media.clip.ClipInfo;

/** The clip with captions that can be switched on, one stream for each language. */
final class CaptionedVideo extends UnburnedVideo {
    @Override
    void copy(Delivery delivery, Path video, ClipInfo of, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        Streams.captioned(video, of, delivery.tracks(), out, progress, stopped);
    }

    @Override
    boolean allLanguages() {
        return true;
    }
}
