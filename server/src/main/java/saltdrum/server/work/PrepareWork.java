package saltdrum.server.work;

import java.nio.file.Path;
import org.springframework.stereotype.Component;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.Pictures;
import saltdrum.media.clip.Proxy;
import saltdrum.media.clip.SoundChoice;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;

/** Poster, peaks and, where browsers need it, a proxy. */
@Component
class PrepareWork implements Work<WorkOrder.Prepare> {
    private final ClipStore clips;
    private final MediaStore media;

    PrepareWork(ClipStore clips, MediaStore media) {
        this.clips = clips;
        this.media = media;
    }

    @Override
    public Class<WorkOrder.Prepare> order() {
        return WorkOrder.Prepare.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Prepare order, JobContext watch) {
        Path file = media.file(clip.mediaHash());
        ClipInfo info = clip.info();
        String poster = media.keep(Pictures.poster(file, info));
        String peaks = media.keep(Peaks.of(file, info, SoundChoice.parse(clip.sound())));
        watch.write(() -> clips.prepared(clip.id(), poster, peaks, null));
        if (!info.playsInBrowsers()) {
            Path out = media.workFile(".mp4");
            try {
                watch.say("Making a small copy for the browser");
                Proxy.make(file, info, out, watch::progress, watch::stopped);
                String proxy = media.keep(out);
                watch.write(() -> clips.prepared(clip.id(), poster, peaks, proxy));
            } finally {
                media.discard(out);
            }
        }
    }
}
