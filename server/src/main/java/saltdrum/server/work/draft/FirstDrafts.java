package saltdrum.server.work.draft;

import org.springframework.stereotype.Component;
import saltdrum.core.RefusedEditException;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.server.work.run.Workers;
import saltdrum.speech.SpeechDesk;

/** Orders first drafts as the clips' clients want them. */
@Component
public class FirstDrafts {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final ClientSettingsStore clientSettings;
    private final SpeechDesk speech;
    private final Workers workers;

    FirstDrafts(
            ClipStore clips,
            TrackStore tracks,
            ClientSettingsStore clientSettings,
            SpeechDesk speech,
            Workers workers) {
        this.clips = clips;
        this.tracks = tracks;
        this.clientSettings = clientSettings;
        this.speech = speech;
        this.workers = workers;
    }

    /** Of a clip that has just come in, where its client wants that and its sound can be recognised. */
    public void atArrival(String clipId) {
        ClipRow clip = clips.get(clipId);
        DraftSettings settings = clientSettings.of(clip).draft();
        if (settings.automatic() && !clip.info().sounds().isEmpty() && speech.recognises(settings.language())) {
            workers.order(clipId, new WorkOrder.MakeDraft(settings));
        }
    }

    /**
     * Of a clip without words, whenever somebody wants it.
     *
     * @throws RefusedEditException saying why none can be made
     */
    public JobRow order(String clipId) {
        ClipRow clip = clips.get(clipId);
        DraftSettings settings = clientSettings.of(clip).draft();
        if (!tracks.get(clipId).track().cues().isEmpty()) {
            throw new RefusedEditException("The clip has words already, which a first draft would replace.");
        }
        if (clip.info().sounds().isEmpty()) {
            throw new RefusedEditException("The clip has no sound to recognise. Type its words, or bring in a file.");
        }
        if (!speech.recognises(settings.language())) {
            throw new RefusedEditException(speech.refusal(settings.language()));
        }
        return workers.order(clipId, new WorkOrder.MakeDraft(settings));
    }
}
