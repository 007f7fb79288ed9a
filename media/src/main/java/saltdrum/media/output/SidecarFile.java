package saltdrum.media.output;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;

/** A caption file beside the video. */
final class SidecarFile extends OutputMaker {
    @Override
    void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        Delivery.Sidecar sidecar = delivery.sidecar();
        if (sidecar == null) {
            throw new BadInputException("Choose a format for the caption file.");
        }
        String text = sidecar.format()
                .write(
                        delivery.tracks().get(0),
                        sidecar.style(),
                        delivery.frame().output(delivery.info().size()),
                        sidecar.heights());
        Delivery.put(out, text.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    boolean styled() {
        return false;
    }

    @Override
    boolean framed() {
        return false;
    }

    @Override
    boolean encodesFrames(ClipInfo info, Frame frame, BurnOrder order) {
        return false;
    }
}
