package saltdrum.server.work;

import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.check.Onsets;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.server.store.clip.ClipMeasurementsStore;
import saltdrum.server.store.clip.ClipRow;
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
    private final PictureMeasure picture;
    private final ClipMeasurementsStore measured;
    private final ClipSound sounds;
    private final SpeechDesk speech;

    MeasureWork(
            TrackStore tracks,
            PictureMeasure picture,
            ClipMeasurementsStore measured,
            ClipSound sounds,
            SpeechDesk speech) {
        this.tracks = tracks;
        this.picture = picture;
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
        if (picture.measure(clip, watch, 0, PICTURE)) {
            done = PICTURE;
        }
        voice(clip, watch, done);
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
