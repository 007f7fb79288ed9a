package saltdrum.media.output;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;

/** The first seconds with their captions, without sound. */
final class MovingPreviewFile extends OutputMaker {
    private static final int PREVIEW_MS = 5000;
    private static final long PREVIEW_BYTES = 5_000_000;

    private final MovingPreview.Kind kind;

    MovingPreviewFile(MovingPreview.Kind kind) {
        this.kind = kind;
    }

    @Override
    void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        Delivery.between(out, video -> {
            BurnOrder fast = new BurnOrder("ultrafast", 18);
            delivery.burn(delivery.scene(), fast, video, part -> progress.accept(part / 2), stopped);
            ClipInfo of = Probe.of(video);
            int end = (int) Math.min(PREVIEW_MS, of.durationMs());
            new MovingPreview(video, of, 0, end, kind)
                    .write(PREVIEW_BYTES, out, part -> progress.accept(0.5 + part / 2), stopped);
        });
    }
}
