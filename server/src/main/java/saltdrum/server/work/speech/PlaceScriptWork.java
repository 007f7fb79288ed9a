package saltdrum.server.work.speech;

import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Tokens;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.placing.SpeechResult;

/** Places a script on the voice. */
@Component
class PlaceScriptWork implements Work<WorkOrder.PlaceScript> {
    private final TrackStore tracks;
    private final ClipSound sounds;
    private final SpeechDesk speech;

    PlaceScriptWork(TrackStore tracks, ClipSound sounds, SpeechDesk speech) {
        this.tracks = tracks;
        this.sounds = sounds;
        this.speech = speech;
    }

    @Override
    public Class<WorkOrder.PlaceScript> order() {
        return WorkOrder.PlaceScript.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.PlaceScript order, JobContext watch) {
        List<String> tokens = Tokens.split(order.script());
        if (tokens.isEmpty()) {
            throw new BadInputException("The script has no words. Paste what is said in the clip.");
        }
        watch.say("Aligning the script to the voice");
        Sound sound = sounds.part(clip, order.range());
        watch.say("Placing " + tokens.size() + " words");
        SpeechResult placed = speech.place(
                sound,
                tokens,
                order.language(),
                order.range().lengthMs(),
                sounds.terms(clip),
                watch::progress,
                watch::stopped);
        bringIn(clip, order.language(), placed, order.range(), watch);
    }

    private void bringIn(ClipRow clip, String language, SpeechResult placed, Range range, JobContext watch) {
        List<Unscripted> unscripted = placed.unscripted().stream()
                .map(u -> new Unscripted(0, u.startMs() + range.fromMs(), u.endMs() + range.fromMs(), u.text()))
                .toList();
        Edit edit = new ReplaceWords(language, range.inClip(placed.words()), range, unscripted);
        tracks.change(clip.id(), watch.attempt(), edit::said, edit::on);
    }
}
