package saltdrum.server.work;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Beside.Unscripted;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.Policy;
import saltdrum.core.edit.Edit;
import saltdrum.core.edit.EditWords;
import saltdrum.core.edit.Edits;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.Pictures;
import saltdrum.media.clip.Proxy;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.GlossaryStore;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobStore;
import saltdrum.server.store.MediaStore;
import saltdrum.server.store.StoredChange;
import saltdrum.server.store.StoredTrack;
import saltdrum.server.store.TrackStore;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.SpeechResult;
import saltdrum.speech.recognise.Term;

/** Does one job from beginning to end. What goes wrong becomes the job's message; nothing already stored is harmed. */
@Component
class JobRunner {
    private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);

    private final JobStore jobs;
    private final ClipStore clips;
    private final TrackStore tracks;
    private final MediaStore media;
    private final SpeechDesk speech;
    private final SceneMaker scenes;
    private final GlossaryStore glossary;
    private final Announcements announcements;

    JobRunner(
            JobStore jobs,
            ClipStore clips,
            TrackStore tracks,
            MediaStore media,
            SpeechDesk speech,
            SceneMaker scenes,
            GlossaryStore glossary,
            Announcements announcements) {
        this.jobs = jobs;
        this.clips = clips;
        this.tracks = tracks;
        this.media = media;
        this.speech = speech;
        this.scenes = scenes;
        this.glossary = glossary;
        this.announcements = announcements;
    }

    void run(String jobId) {
        if (!jobs.start(jobId)) {
            return;
        }
        JobRow job = jobs.get(jobId);
        ClipRow clip = clips.get(job.clipId());
        Watch watch = new Watch(job, jobs, announcements);
        announcements.job(clip.id(), jobId);
        try {
            WorkOrder order = Json.read(job.workOrder(), WorkOrder.class, "work order");
            if (order instanceof WorkOrder.Prepare) {
                prepare(clip, watch);
            } else if (order instanceof WorkOrder.Listen) {
                listen(clip);
            } else if (order instanceof WorkOrder.PlaceScript script) {
                placeScript(clip, script, watch);
            } else if (order instanceof WorkOrder.Recognise recognise) {
                recognise(clip, recognise, watch);
            } else if (order instanceof WorkOrder.Render render) {
                render(clip, render, watch);
            }
            watch.finish();
        } catch (SaltDrumException e) {
            jobs.finish(jobId, watch.stopped() ? "STOPPED" : "FAILED", e.getMessage(), null, null);
        } catch (UncheckedIOException e) {
            LOG.warn("job {} failed", jobId, e);
            boolean full = String.valueOf(e.getMessage()).contains("No space left");
            jobs.finish(
                    jobId,
                    "FAILED",
                    full
                            ? "The disk is full. Make room and do this again; nothing was harmed."
                            : "A file could not be read or written. Do this again; nothing was harmed.",
                    null,
                    null);
        } catch (RuntimeException e) {
            LOG.error("job {} failed", jobId, e);
            jobs.finish(jobId, "FAILED", "This went wrong on our side. Nothing was changed; do it again.", null, null);
        } finally {
            announcements.job(clip.id(), jobId);
        }
    }

    private static ClipInfo info(ClipRow clip) {
        return Json.read(clip.info(), ClipInfo.class, "clip");
    }

    private void prepare(ClipRow clip, Watch watch) {
        Path file = media.file(clip.mediaHash());
        ClipInfo info = info(clip);
        String poster = media.keep(Pictures.poster(file, info));
        String peaks = media.keep(Peaks.of(file, info, SoundChoice.parse(clip.sound())));
        clips.prepared(clip.id(), poster, peaks, null);
        announcements.clip(clip.id());
        if (!info.playsInBrowsers()) {
            Path out = media.workFile(".mp4");
            try {
                watch.say("Making a light copy that browsers can play");
                Proxy.make(file, info, out, watch::progress, watch::stopped);
                clips.prepared(clip.id(), poster, peaks, media.keep(out));
            } finally {
                delete(out);
            }
            announcements.clip(clip.id());
        }
    }

    private void listen(ClipRow clip) {
        String peaks = media.keep(Peaks.of(media.file(clip.mediaHash()), info(clip), SoundChoice.parse(clip.sound())));
        clips.prepared(clip.id(), clip.posterHash(), peaks, clip.proxyHash());
        announcements.clip(clip.id());
    }

    /** The chosen sound at 16 kHz, as loud as speech usually is; made once and kept. */
    private short[] sound(ClipRow clip, int fromMs, int toMs) {
        ClipInfo info = info(clip);
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

    private void placeScript(ClipRow clip, WorkOrder.PlaceScript order, Watch watch) {
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
    private void recognise(ClipRow clip, WorkOrder.Recognise order, Watch watch) {
        watch.say("Listening to the voice");
        short[] samples = sound(clip, order.fromMs(), order.toMs());
        double length = Math.max(1, order.toMs() - order.fromMs());
        List<Term> terms = glossary.all().stream()
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
            before = before == null || done.before() != mine ? done.before().track() : before;
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

    private void render(ClipRow clip, WorkOrder.Render order, Watch watch) {
        ClipInfo info = info(clip);
        Path file = media.file(clip.mediaHash());
        Path out = media.workFile(".mp4");
        try {
            var scene = scenes.make(order.track(), order.style(), info.size());
            watch.say("Burning the captions in");
            new Burn(
                            file,
                            info,
                            order.track().frame(),
                            scene,
                            new BurnOrder(order.preset(), order.crf(), order.keepCaptions()))
                    .to(out, watch::progress, watch::stopped);
            watch.output(media.keep(out), clip.name() + " · " + order.style().name() + ".mp4");
        } finally {
            delete(out);
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
