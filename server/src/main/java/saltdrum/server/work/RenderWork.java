package saltdrum.server.work;

import java.nio.file.Path;
import org.springframework.stereotype.Component;
import saltdrum.core.layout.SceneMaker;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.MediaStore;

/** Burns the captions in. */
@Component
class RenderWork implements Work<WorkOrder.Render> {
    private final MediaStore media;
    private final SceneMaker scenes;

    RenderWork(MediaStore media, SceneMaker scenes) {
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
        try {
            var scene = scenes.make(order.track(), order.style(), info.size());
            watch.say("Burning the captions in");
            new Burn(
                            file,
                            info,
                            order.track().frame(),
                            scene,
                            new BurnOrder(order.preset(), order.crf(), order.keepCaptions()))
                    .to(out, watch::progress, watch::stopped);
            watch.output(
                    Watch.untilBack(() -> media.keep(out)),
                    clip.name() + " · " + order.style().name() + ".mp4");
        } finally {
            media.discard(out);
        }
    }
}
