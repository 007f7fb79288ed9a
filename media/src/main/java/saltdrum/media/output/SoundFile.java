package saltdrum.media.output;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.cue.Frame;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;

/** The clip's sound without its picture. */
final class SoundFile extends OutputMaker {
    @Override
    void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        Streams.sound(delivery.clip(), delivery.info(), out, progress, stopped);
    }

    @Override
    Estimate estimate(Delivery delivery) {
        return delivery.info().sounds().isEmpty() ? null : new Estimate(Estimate.soundBytes(delivery), 1);
    }

    @Override
    void verify(OutputVerifier verifier) {
        verifier.soundAlone();
    }

    @Override
    boolean captions() {
        return false;
    }

    @Override
    boolean framed() {
        return false;
    }

    @Override
    boolean needsSound() {
        return true;
    }

    @Override
    boolean encodesFrames(ClipInfo info, Frame frame, BurnOrder order) {
        return false;
    }
}
