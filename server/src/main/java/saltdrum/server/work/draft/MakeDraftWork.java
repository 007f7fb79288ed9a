package saltdrum.server.work.draft;

import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.check.Onsets;
import saltdrum.core.cue.Range;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.word.Word;
import saltdrum.server.store.clip.ClipMeasurementsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.PictureMeasure;
import saltdrum.server.work.order.DraftFilm;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.speech.Recognition;

/**
 * Makes the first draft of a clip. Its words are in the track as soon as they are heard, so that a stop keeps them; in
 * the end the whole draft is one step of the history. Its film is a job of its own.
 */
@Component
class MakeDraftWork implements Work<WorkOrder.MakeDraft> {
    private static final double WORDS = 0.7;
    private static final double PICTURE = 0.9;

    private final TrackStore tracks;
    private final Recognition recognition;
    private final PictureMeasure picture;
    private final ClipMeasurementsStore measured;
    private final DraftCaptions captions;
    private final DraftFilm films;

    MakeDraftWork(
            TrackStore tracks,
            Recognition recognition,
            PictureMeasure picture,
            ClipMeasurementsStore measured,
            DraftCaptions captions,
            DraftFilm films) {
        this.tracks = tracks;
        this.recognition = recognition;
        this.picture = picture;
        this.measured = measured;
        this.captions = captions;
        this.films = films;
    }

    @Override
    public Class<WorkOrder.MakeDraft> order() {
        return WorkOrder.MakeDraft.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.MakeDraft order, JobContext watch) {
        DraftSettings settings = order.settings();
        boolean begun = watch.job().heardMs() != null;
        if (!begun && !tracks.get(clip.id()).track().cues().isEmpty()) {
            throw new BadInputException("The clip has words already. It was not changed.");
        }
        Range whole = Range.of(null, null, clip.info().durationMs());
        List<Word> words = recognition.intoTrack(
                clip, new WorkOrder.Recognise(settings.language(), whole, settings.policies()), watch, WORDS);
        if (words == null) {
            return;
        }
        watch.write(() -> measured.onsets(clip.id(), Onsets.of(words)));
        if (settings.mend() || settings.calm()) {
            picture.measure(clip, watch, WORDS, PICTURE);
        }
        if (watch.stopped()) {
            return;
        }
        watch.report(PICTURE, "Styling and mending");
        captions.finish(clip, settings, words, watch);
        if (settings.film() && !watch.stopped()) {
            watch.write(() -> films.order(clip.id(), watch.job(), settings.review()));
        }
    }
}
