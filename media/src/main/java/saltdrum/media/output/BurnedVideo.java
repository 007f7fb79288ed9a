package saltdrum.media.output;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.media.pieces.PiecedBurn;

/** The clip in its frame with the captions in the picture. */
final class BurnedVideo extends OutputMaker {
    @Override
    PiecedBurn.Made make(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        Delivery.Kept kept = delivery.kept();
        return kept == null
                ? super.make(delivery, out, progress, stopped)
                : delivery.pieced().to(out, kept.earlier(), kept.halves(), progress, stopped);
    }

    @Override
    void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        delivery.burn(delivery.scene(), delivery.order(), out, progress, stopped);
    }

    @Override
    Estimate estimate(Delivery delivery) throws IOException {
        return Estimate.ofEncoding(delivery, delivery.scene());
    }

    @Override
    void verify(OutputVerifier verifier) {
        verifier.video(true);
    }

    @Override
    boolean encoded() {
        return true;
    }
}
