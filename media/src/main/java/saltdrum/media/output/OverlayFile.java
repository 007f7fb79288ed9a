package saltdrum.media.output;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/** The captions alone on a transparent background. */
final class OverlayFile extends OutputMaker {
    private final Overlay.Kind kind;

    OverlayFile(Overlay.Kind kind) {
        this.kind = kind;
    }

    @Override
    void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        new Overlay(
                        delivery.scene(),
                        delivery.frame().output(delivery.info().size()),
                        delivery.info().frameRate(),
                        delivery.info().durationMs())
                .to(kind, out, progress, stopped);
    }

    @Override
    void verify(OutputVerifier verifier) {
        switch (kind) {
            // ffprobe reports VP9's alpha layer in no pixel format.
            case VP9 -> verifier.overlay(false);
            case PRORES -> verifier.overlay(true);
            case PNG -> verifier.pictures();
        }
    }
}
