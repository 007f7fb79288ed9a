package saltdrum.server.work;

import org.springframework.stereotype.Component;
import saltdrum.core.Json;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.SoundChoice;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.MediaStore;

/** Another sound was chosen: its loudness is drawn. */
@Component
class ListenWork implements Work<WorkOrder.Listen> {
    private final ClipStore clips;
    private final MediaStore media;
    private final Announcements announcements;

    ListenWork(ClipStore clips, MediaStore media, Announcements announcements) {
        this.clips = clips;
        this.media = media;
        this.announcements = announcements;
    }

    @Override
    public Class<WorkOrder.Listen> order() {
        return WorkOrder.Listen.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Listen order, Watch watch) {
        String peaks = media.keep(Peaks.of(
                media.file(clip.mediaHash()),
                Json.read(clip.info(), ClipInfo.class, "clip"),
                SoundChoice.parse(clip.sound())));
        clips.prepared(clip.id(), clip.posterHash(), peaks, clip.proxyHash());
        announcements.clip(clip.id());
    }
}
