package saltdrum.server.work;

import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.cue.Beside.Unscripted;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.Policy;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.EditWords;
import saltdrum.core.edit.Edits;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.GlossaryStore;
import saltdrum.server.store.MediaStore;
import saltdrum.server.store.StoredChange;
import saltdrum.server.store.StoredTrack;
import saltdrum.server.store.TrackStore;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.SpeechResult;
import saltdrum.speech.recognise.Term;

/** Work on a clip's sound: which of it is listened to, a script placed on it, its speech recognised. */
@Component
class SpeechWork {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final MediaStore media;
    private final GlossaryStore glossary;
    private final SpeechDesk speech;
    private final Announcements announcements;

    SpeechWork(
            ClipStore clips,
            TrackStore tracks,
            MediaStore media,
            GlossaryStore glossary,
            SpeechDesk speech,
            Announcements announcements) {
        this.clips = clips;
        this.tracks = tracks;
        this.media = media;
        this.glossary = glossary;
        this.speech = speech;
        this.announcements = announcements;
    }

    void listen(ClipRow clip) {
        String peaks = media.keep(Peaks.of(
                media.file(clip.mediaHash()),
                Json.read(clip.info(), ClipInfo.class, "clip"),
                SoundChoice.parse(clip.sound())));
        clips.prepared(clip.id(), clip.posterHash(), peaks, clip.proxyHash());
        announcements.clip(clip.id());
    }

    /** The chosen sound at 16 kHz, as loud as speech usually is; made once and kept. */
    private short[] sound(ClipRow clip, int fromMs, int toMs) {
        ClipInfo info = Json.read(clip.info(), ClipInfo.class, "clip");
        if (info.sounds().isEmpty()) {
            return new short[0];
        }
        short[] all;
        if (clip.speechHash() == null) {
            all = SoundTrack.speech(media.file(clip.mediaHash()), SoundChoice.parse(clip.sound()));
            clips.speech(clip.id(), media.keep(SpeechCopy.bytes(all)));
        } else {
            all = SpeechCopy.samples(media.file(clip.speechHash()));
        }
        return Arrays.copyOfRange(all, Math.min(all.length, fromMs * 16), Math.min(all.length, toMs * 16));
    }

    void placeScript(ClipRow clip, WorkOrder.PlaceScript order, Watch watch) {
        List<String> tokens = Tokens.split(order.script());
        if (tokens.isEmpty()) {
            throw new BadInputException("The script has no words. Paste what is said in the clip.");
        }
        watch.say("Listening to the voice");
        short[] samples = sound(clip, order.fromMs(), order.toMs());
        watch.say("Placing " + tokens.size() + " words");
        SpeechResult placed = speech.place(
                samples, tokens, order.language(), order.toMs() - order.fromMs(), watch::progress, watch::stopped);
        if (!placed.unscripted().isEmpty()) {
            watch.say("Listening to what the script lacks");
            placed = speech.withGuesses(placed, samples, watch::stopped);
        }
        bringIn(clip, order.language(), placed, order.fromMs(), order.toMs());
    }

    /** Words stand in the track as soon as they are heard; in the history the whole draft is one step. */
    void recognise(ClipRow clip, WorkOrder.Recognise order, Watch watch) {
        watch.say("Listening to the voice");
        short[] samples = sound(clip, order.fromMs(), order.toMs());
        double length = Math.max(1, order.toMs() - order.fromMs());
        List<Term> terms = glossary.holdingFor(clip.clientId()).stream()
                .map(row -> new Term(row.term(), row.sayAs()))
                .toList();
        Draft draft = new Draft(clip, order);
        List<Word> words = speech.recognise(
                samples,
                order.language(),
                clip.name(),
                terms,
                heard -> {
                    if (!heard.isEmpty()) {
                        watch.progress(heard.get(heard.size() - 1).endMs() / length);
                        watch.say(heard.size() + " words so far");
                        draft.bringIn(
                                heard,
                                order.fromMs() + heard.get(heard.size() - 1).endMs());
                    }
                },
                watch::stopped);
        if (words.isEmpty() && !watch.stopped()) {
            throw new BadInputException("No speech was heard in this clip. Paste the script, or type the words.");
        }
        // What was heard before a stop is kept; the rest of the range stays as it was.
        if (!words.isEmpty() && !watch.stopped()) {
            draft.bringIn(words, order.toMs());
        }
    }

    private final class Draft {
        private final ClipRow clip;
        private final WorkOrder.Recognise order;
        private StoredTrack mine;
        private Track before;

        Draft(ClipRow clip, WorkOrder.Recognise order) {
            this.clip = clip;
            this.order = order;
        }

        /** Takes the place of what this draft brought in so far, unless someone has changed the track since. */
        void bringIn(List<Word> heard, int toMs) {
            Edit edit = new Edit.ReplaceWords(order.language(), shifted(heard, order.fromMs()), order.fromMs(), toMs);
            UnaryOperator<Track> change = track -> {
                Track drafted = Edits.apply(track, edit);
                for (Policy policy : order.policies() == null ? List.<Policy>of() : order.policies()) {
                    drafted = Edits.apply(drafted, new Edit.Redraft(policy));
                }
                return drafted;
            };
            StoredChange done = tracks.amend(clip.id(), mine, before, track -> EditWords.describe(track, edit), change);
            boolean alone = mine != null && done.before().version() == mine.version();
            before = alone ? before : done.before().track();
            mine = done.after();
            announcements.track(clip.id(), mine.version());
        }
    }

    private static List<Word> shifted(List<Word> words, int byMs) {
        return words.stream()
                .map(w -> w.withTime(w.startMs() + byMs, w.endMs() + byMs))
                .toList();
    }

    private void bringIn(ClipRow clip, String language, SpeechResult placed, int fromMs, int toMs) {
        List<Unscripted> unscripted = placed.unscripted().stream()
                .map(u -> new Unscripted(0, u.startMs() + fromMs, u.endMs() + fromMs, u.text()))
                .toList();
        Edit edit = new Edit.ReplaceWords(language, shifted(placed.words(), fromMs), fromMs, toMs, unscripted);
        StoredTrack stored = tracks.change(
                        clip.id(), -1, before -> EditWords.describe(before, edit), track -> Edits.apply(track, edit))
                .after();
        announcements.track(clip.id(), stored.version());
    }
}
