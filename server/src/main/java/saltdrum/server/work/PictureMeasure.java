package saltdrum.server.work;

import java.nio.file.Path;
import org.springframework.stereotype.Component;
import saltdrum.media.clip.PictureLight;
import saltdrum.server.store.clip.ClipMeasurementsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.work.run.JobContext;

/** Samples how light a clip's picture is, once. */
@Component
public class PictureMeasure {
    private final MediaStore media;
    private final ClipMeasurementsStore measured;

    PictureMeasure(MediaStore media, ClipMeasurementsStore measured) {
        this.media = media;
        this.measured = measured;
    }

    /**
     * @param from how far the work is before, 0 to 1
     * @param to how far it is after
     * @return false where the picture had been measured before
     */
    public boolean measure(ClipRow clip, JobContext watch, double from, double to) {
        if (measured.of(clip.id()).lightHash() != null) {
            return false;
        }
        watch.say("Measuring the picture");
        Path out = media.workFile(".light");
        try {
            PictureLight.sample(
                    media.file(clip.mediaHash()),
                    clip.info(),
                    out,
                    part -> watch.progress(from + (to - from) * part),
                    watch::stopped);
            String light = media.keep(out);
            watch.write(() -> measured.light(clip.id(), light));
        } finally {
            media.discard(out);
        }
        return true;
    }
}
