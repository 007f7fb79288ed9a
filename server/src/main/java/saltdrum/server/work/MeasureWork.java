package saltdrum.server.work;

import java.nio.file.Path;
import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.check.Onsets;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.media.clip.PictureLight;
import saltdrum.server.store.clip.ClipMeasurementsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.speech.ClipSound;
import saltdrum.speech.SpeechDesk;

/** Samples the picture, once, and measures where the present words of the track are heard. */
@Component
class MeasureWork implements Work<WorkOrder.Measure> {
    private static final double PICTURE = 0.7;

    private final TrackStore tracks;
    private final MediaStore media;
    private final ClipMeasurementsStore measured;
    private final ClipSound sounds;
    private final SpeechDesk speech;

    MeasureWork(
            TrackStore tracks, MediaStore media, ClipMeasurementsStore measured, ClipSound sounds, SpeechDesk speech) {
        this.tracks = tracks;
        this.media = media;
        this.measured = measured;
        this.sounds = sounds;
        this.speech = speech;
    }

    @Override
    public Class<WorkOrder.Measure> order() {
        return WorkOrder.Measure.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Measure order, JobContext watch) {
        double done = 0;
        if (measured.of(clip.id()).lightHash() == null) {
            picture(clip, watch);
            done = PICTURE;
        }
        voice(clip, watch, done);
    }

    private void picture(ClipRow clip, JobContext watch) {
        watch.say("Measuring the picture");
        Path out = media.workFile(".light");
        try {
            PictureLight.sample(
                    media.file(clip.mediaHash()),
                    clip.info(),
                    out,
                    part -> watch.progress(PICTURE * part),
                    watch::stopped);
            String light = media.keep(out);
            watch.write(() -> measured.light(clip.id(), light));
        } finally {
            media.discard(out);
        }
    }

    private void voice(ClipRow clip, JobContext watch, double done) {
        Track track = tracks.get(clip.id()).track();
        List<String> tokens = track.words().map(Word::text).toList();
        Sound sound = sounds.part(clip, Range.ALL);
        if (tokens.isEmpty() || sound.isEmpty() || !speech.canAlign(track.language())) {
            watch.write(() -> measured.onsets(clip.id(), null));
            return;
        }
        watch.say("Measuring where the words are");
        List<Word> placed =
                speech.align(sound, tokens, part -> watch.progress(done + (1 - done) * part), watch::stopped);
        Onsets onsets = Onsets.of(placed);
        watch.write(() -> measured.onsets(clip.id(), onsets));
    }
}
