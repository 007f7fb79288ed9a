package saltdrum.media.output;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.cue.Frame;
import saltdrum.core.scene.Scene;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Pictures;

/** One frame of the video, with its captions or without. */
final class StillPicture extends OutputMaker {
    private final boolean captions;

    StillPicture(boolean captions) {
        this.captions = captions;
    }

    @Override
    void write(Delivery delivery, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        Scene scene = captions ? delivery.scene() : delivery.nothing();
        long wanted = delivery.momentMs() == null ? firstCue(delivery) : delivery.momentMs();
        long at = Math.max(0, Math.min(wanted, delivery.info().durationMs() - 1));
        Delivery.put(
                out,
                Pictures.still(delivery.clip(), delivery.info(), delivery.frame(), delivery.bars(), () -> scene, at));
    }

    /** Without a chosen moment the still shows a caption. */
    private static long firstCue(Delivery delivery) {
        return delivery.tracks().get(0).cues().stream()
                .findFirst()
                .map(cue -> (cue.firstWordMs() + cue.lastWordMs()) / 2L)
                .orElse(0L);
    }

    @Override
    boolean captions() {
        return captions;
    }

    @Override
    boolean encodesFrames(ClipInfo info, Frame frame, BurnOrder order) {
        return false;
    }
}
