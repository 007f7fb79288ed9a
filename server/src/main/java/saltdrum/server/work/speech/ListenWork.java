package saltdrum.server.work.speech;

import org.springframework.stereotype.Component;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.SoundChoice;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;

/** Another sound was chosen: its loudness is drawn. */
@Component
class ListenWork implements Work<WorkOrder.Listen> {
    private final ClipStore clips;
    private final MediaStore media;

    ListenWork(ClipStore clips, MediaStore media) {
        this.clips = clips;
        this.media = media;
    }

    @Override
    public Class<WorkOrder.Listen> order() {
        return WorkOrder.Listen.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Listen order, JobContext watch) {
        String peaks = media.keep(Peaks.of(media.file(clip.mediaHash()), clip.info(), SoundChoice.parse(clip.sound())));
        watch.write(() -> clips.prepared(clip.id(), clip.posterHash(), peaks, clip.proxyHash()));
    }
}
