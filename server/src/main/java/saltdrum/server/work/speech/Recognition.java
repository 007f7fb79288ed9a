package saltdrum.server.work.speech;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.PolicyRewriter;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.job.JobRow;
import saltdrum.server.store.track.StoredReading;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.WorkOrder;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.HeardWord;
import saltdrum.speech.recognise.Recogniser;

/**
 * Recognises speech. Words are added to the track as soon as they are recognised; the whole draft is one history
 * step.
 */
@Component
public class Recognition {
    private final TrackStore tracks;
    private final ClipSound sounds;
    private final SpeechDesk speech;

    Recognition(TrackStore tracks, ClipSound sounds, SpeechDesk speech) {
        this.tracks = tracks;
        this.sounds = sounds;
        this.speech = speech;
    }

    /**
     * @param share of the whole work that this is, 0 to 1
     * @return the words as they went into the track, written by the order's policies; null where the work was stopped,
     *     which keeps what had been heard
     * @throws BadInputException if no speech was heard; the track was not changed
     */
    public List<Word> intoTrack(ClipRow clip, WorkOrder.Recognise order, JobContext watch, double share) {
        watch.say("Recognising the speech");
        Sound sound = sounds.part(clip, order.range());
        double length = Math.max(1, order.range().lengthMs());
        Draft draft = new Draft(clip, order, watch);
        Heard all = speech.recognise(
                sound,
                new Recogniser.Asked(order.language(), clip.name(), sounds.terms(clip)),
                heard -> {
                    int words = heard.words().size();
                    watch.report(share * heard.toMs() / length, words == 0 ? "No words yet" : words + " words so far");
                    if (words > 0) {
                        draft.bringIn(heard, order.fromMs() + heard.toMs());
                    }
                },
                watch::stopped);
        if (watch.stopped()) {
            // What was heard before a stop is kept; the rest of the range stays as it was.
            return null;
        }
        if (all.words().isEmpty()) {
            throw new BadInputException("No speech was heard in "
                    + (order.range().isAllOf(clip.info().durationMs()) ? "this clip" : "this part of the clip")
                    + ". The track was not changed. Paste the script, or type the words.");
        }
        draft.bringIn(all, order.toMs());
        watch.note(all.missed(order.fromMs()));
        return draft.written(order.range().inClip(all.plainWords()));
    }

    /** What is heard goes into the track as it comes; what others changed meanwhile stays as they left it. */
    private final class Draft {
        private final ClipRow clip;
        private final WorkOrder.Recognise order;
        private final JobContext watch;
        /** The stretch of this work's last step of the history; after a crash, of the work that ended with it. */
        private int stepFromMs;

        private int doneMs;
        private final int stoodMs;

        Draft(ClipRow clip, WorkOrder.Recognise order, JobContext watch) {
            this.clip = clip;
            this.order = order;
            this.watch = watch;
            JobRow before = watch.job();
            stepFromMs = before.stepFromMs() == null ? order.fromMs() : before.stepFromMs();
            doneMs = before.heardMs() == null ? order.fromMs() : before.heardMs();
            stoodMs = doneMs;
        }

        void bringIn(Heard heard, int toMs) {
            if (toMs < stoodMs) {
                return;
            }
            List<Word> words = written(order.range().inClip(heard.plainWords()));
            int[] from = {stepFromMs};
            StoredTrack stored = tracks.amend(
                            clip.id(),
                            watch.attempt(),
                            track -> "Recognise " + words.size() + (words.size() == 1 ? " word" : " words"),
                            (track, anew) -> {
                                from[0] = anew ? stepFromMs : doneMs;
                                return replacing(words, new Range(from[0], toMs))
                                        .on(track);
                            })
                    .after();
            stepFromMs = from[0];
            doneMs = toMs;
            watch.heard(stepFromMs, doneMs);
            watch.write(() -> tracks.keepReadings(clip.id(), readings(stored.track(), heard)));
        }

        private Edit replacing(List<Word> words, Range range) {
            List<Word> inside = words.stream()
                    .filter(word -> word.startMs() >= range.fromMs())
                    .toList();
            return new ReplaceWords(order.language(), inside, range);
        }

        private List<Word> written(List<Word> words) {
            return order.policies() == null ? words : PolicyRewriter.write(words, order.policies());
        }

        private List<StoredReading> readings(Track track, Heard heard) {
            Map<Integer, Word> byStart =
                    track.words().collect(Collectors.toMap(Word::startMs, word -> word, (first, other) -> first));
            List<StoredReading> readings = new ArrayList<>();
            for (HeardWord word : heard.words()) {
                Word stands = byStart.get(word.word().startMs() + order.fromMs());
                if (stands == null) {
                    continue;
                }
                // A policy may have written the word as one of them already.
                List<String> others = word.readings().stream()
                        .filter(other -> !Tokens.normalised(other).equals(Tokens.normalised(stands.text())))
                        .toList();
                if (!others.isEmpty()) {
                    readings.add(new StoredReading(stands.id(), stands.text(), others));
                }
            }
            return readings;
        }
    }
}
