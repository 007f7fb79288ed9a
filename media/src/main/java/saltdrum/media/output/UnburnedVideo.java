package saltdrum.media.output;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.cue.Frame;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;

/** The clip in its frame without captions in the picture. It is a copy if nothing of the picture changes. */
abstract class UnburnedVideo extends OutputMaker {
    /** The part of the time that encoding takes, 0 to 1; copying takes the rest. */
    private static final double ENCODING = 0.95;

    private static final double COPY_BYTES_A_SECOND = 150e6;

    /** Writes the video from one whose picture is already in the frame. */
    abstract void copy(
            Delivery delivery, Path video, ClipInfo of, Path out, DoubleConsumer progress, BooleanSupplier stopped);

    @Override
    void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        if (delivery.asItIs()) {
            copy(delivery, delivery.clip(), delivery.info(), out, progress, stopped);
            return;
        }
        Delivery.between(out, video -> {
            delivery.burn(
                    delivery.nothing(), delivery.order(), video, part -> progress.accept(ENCODING * part), stopped);
            copy(
                    delivery,
                    video,
                    Probe.of(video),
                    out,
                    part -> progress.accept(ENCODING + (1 - ENCODING) * part),
                    stopped);
        });
    }

    @Override
    Estimate estimate(Delivery delivery) throws IOException {
        if (!delivery.asItIs()) {
            return Estimate.ofEncoding(delivery, delivery.nothing());
        }
        long source = Files.size(delivery.clip());
        return new Estimate(source, 1 + source / COPY_BYTES_A_SECOND);
    }

    @Override
    void verify(OutputVerifier verifier) {
        verifier.video(false);
    }

    @Override
    boolean styled() {
        return false;
    }

    @Override
    boolean encoded() {
        return true;
    }

    @Override
    boolean encodesFrames(ClipInfo info, Frame frame, BurnOrder order) {
        return !Delivery.asItIs(info, frame, order);
    }
}
