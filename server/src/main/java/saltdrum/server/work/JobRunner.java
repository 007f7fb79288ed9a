package saltdrum.server.work;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import saltdrum.core.Json;
import saltdrum.core.SaltDrumException;
import saltdrum.core.layout.SceneMaker;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Peaks;
import saltdrum.media.clip.Pictures;
import saltdrum.media.clip.Proxy;
import saltdrum.media.clip.SoundChoice;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.ClipStore;
import saltdrum.server.store.JobRow;
import saltdrum.server.store.JobStore;
import saltdrum.server.store.MediaStore;

/** Does one job from beginning to end. What goes wrong becomes the job's message; nothing already stored is harmed. */
@Component
class JobRunner {
    private static final Logger LOG = LoggerFactory.getLogger(JobRunner.class);

    private final JobStore jobs;
    private final ClipStore clips;
    private final MediaStore media;
    private final SpeechWork speechWork;
    private final TranslationWork translationWork;
    private final SceneMaker scenes;
    private final Announcements announcements;

    JobRunner(
            JobStore jobs,
            ClipStore clips,
            MediaStore media,
            SpeechWork speechWork,
            TranslationWork translationWork,
            SceneMaker scenes,
            Announcements announcements) {
        this.jobs = jobs;
        this.clips = clips;
        this.media = media;
        this.speechWork = speechWork;
        this.translationWork = translationWork;
        this.scenes = scenes;
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
                speechWork.listen(clip);
            } else if (order instanceof WorkOrder.PlaceScript script) {
                speechWork.placeScript(clip, script, watch);
            } else if (order instanceof WorkOrder.Recognise recognise) {
                speechWork.recognise(clip, recognise, watch);
            } else if (order instanceof WorkOrder.Translate translate) {
                translationWork.translate(clip, translate, watch);
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
