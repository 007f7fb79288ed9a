package saltdrum.server.work.speech;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.text.Quoted;
import saltdrum.core.translation.Translation;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.speech.translate.Translator;

/** Translates the cues of a translation that no person has edited. */
@Component
class TranslateWork implements Work<WorkOrder.Translate> {
    private final TrackStore tracks;
    private final List<Translator> translators;

    TranslateWork(TrackStore tracks, List<Translator> translators) {
        this.tracks = tracks;
        this.translators = translators;
    }

    @Override
    public Class<WorkOrder.Translate> order() {
        return WorkOrder.Translate.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Translate order, JobContext watch) {
        Translator translator = translators.stream()
                .filter(t -> t.name().equals(order.translator()))
                .findFirst()
                .orElseThrow(() ->
                        new BadInputException("There is no translator " + Quoted.of(order.translator()) + " here."));
        Track first = tracks.get(clip.id()).track();
        String id = TrackStore.translationId(clip.id(), order.language());
        List<Cue> open = Translation.open(first, tracks.get(id).track());
        if (open.isEmpty()) {
            throw new BadInputException("Every cue was typed, confirmed or locked by hand. Nothing was changed.");
        }
        watch.say("Translating " + open.size() + (open.size() == 1 ? " cue" : " cues"));
        List<String> texts = translator.translate(
                open.stream().map(Cue::text).toList(), first.language(), order.language(), watch::stopped);
        if (watch.stopped()) {
            throw new SaltDrumException("The translation was stopped. The texts were not changed.");
        }
        Map<Long, String> byCue = new HashMap<>();
        for (int i = 0; i < texts.size(); i++) {
            byCue.put(open.get(i).id(), texts.get(i));
        }
        // Based on the newest state: cues edited meanwhile are left alone.
        tracks.change(
                id,
                watch.attempt(),
                before -> "Translate " + open.size() + (open.size() == 1 ? " cue" : " cues"),
                track -> Translation.filled(tracks.get(clip.id()).track(), track, byCue));
    }
}
