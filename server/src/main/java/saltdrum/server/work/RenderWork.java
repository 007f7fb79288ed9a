package saltdrum.server.work;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.stereotype.Component;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.layout.SceneMaker;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameGraph;
import saltdrum.media.paint.BarsPicture;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.MediaStore;
import saltdrum.server.store.PictureStore;

/** Burns the captions in. */
@Component
class RenderWork implements Work<WorkOrder.Render> {
    private final MediaStore media;
    private final SceneMaker scenes;
    private final PictureStore pictures;

    RenderWork(MediaStore media, SceneMaker scenes, PictureStore pictures) {
        this.pictures = pictures;
        this.media = media;
        this.scenes = scenes;
    }

    @Override
    public Class<WorkOrder.Render> order() {
        return WorkOrder.Render.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Render order, Watch watch) {
        ClipInfo info = clip.info();
        Path file = media.file(clip.mediaHash());
        Path out = media.workFile(".mp4");
        Path bars = media.workFile(".png");
        try {
            var scene = scenes.make(order.track(), order.style(), info.size());
            watch.say("Burning the captions in");
            new Burn(
                            file,
                            info,
                            order.track().frame(),
                            barsPicture(info, order.track().frame(), bars),
                            scene,
                            new BurnOrder(order.preset(), order.crf(), order.keepCaptions()))
                    .to(out, watch::progress, watch::stopped);
            watch.output(
                    Watch.untilBack(() -> media.keep(out)),
                    clip.name() + " · " + order.style().name() + ".mp4");
        } finally {
            media.discard(out);
            media.discard(bars);
        }
    }

    /** The file with what the bars are cut from; null where the frame wants none. */
    private Path barsPicture(ClipInfo info, Frame frame, Path file) {
        if (!new FrameGraph(info, frame).wantsBarsPicture()) {
            return null;
        }
        String own = frame.bars().kind() == Bars.Kind.PICTURE ? frame.bars().picture() : null;
        try {
            return Files.write(
                    file, BarsPicture.png(frame, frame.output(info.size()), own == null ? null : pictures.bytes(own)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
