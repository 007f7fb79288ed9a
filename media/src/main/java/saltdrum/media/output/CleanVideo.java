package saltdrum.media.output;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.media.clip.ClipInfo;

/** The clip without any captions. */
final class CleanVideo extends UnburnedVideo {
    @Override
    void copy(Delivery delivery, Path video, ClipInfo of, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        Streams.clean(video, of, out, progress, stopped);
    }

    @Override
    boolean captions() {
        return false;
    }
}
