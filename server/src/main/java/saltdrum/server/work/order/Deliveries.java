package saltdrum.server.work.order;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;
import saltdrum.core.LruMap;
import saltdrum.core.cue.Track;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.layout.SceneMaker;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.output.BarsFile;
import saltdrum.media.output.Delivery;
import saltdrum.media.output.Estimate;
import saltdrum.media.pieces.PieceList;
import saltdrum.media.pieces.PiecedBurn;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.job.KeptFilm;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.PictureStore;
import saltdrum.server.work.run.WorkOrder;

/** Prepares deliveries: collects everything needed to make an output, and estimates its size and duration. */
@Component
public class Deliveries {
    private static final int MOST_KEPT = 64;
    private static final int LONGEST_WAIT_S = 20;

    private final ReentrantLock computing = new ReentrantLock();
    private final MediaStore media;
    private final SceneMaker scenes;
    private final PictureStore pictures;
    private final JobStore jobs;
    private final FontHeights heights;

    /** Cache key: everything that determines the estimate; reusable pieces affect the duration. */
    private record Sample(String media, WorkOrder.Render order, List<PieceList> kept) {}

    private final Map<Sample, Estimate> known = LruMap.of(MOST_KEPT);

    Deliveries(MediaStore media, SceneMaker scenes, PictureStore pictures, JobStore jobs, FontHeights heights) {
        this.jobs = jobs;
        this.heights = heights;
        this.media = media;
        this.scenes = scenes;
        this.pictures = pictures;
    }

    /**
     * @param bars gets the picture that the frame's bars are cut from, where it wants one
     * @param halves folder for what is whole of it until it is finished; null for none
     */
    Delivery of(ClipRow clip, WorkOrder.Render order, Path bars, Path halves) {
        ClipInfo info = clip.info();
        List<Track> tracks = new ArrayList<>(List.of(order.track()));
        tracks.addAll(order.others());
        return new Delivery(
                media.file(clip.mediaHash()),
                info,
                order.track().frame(),
                BarsFile.write(info, order.track().frame(), pictures::bytes, bars),
                scenes.make(order.track(), order.style(), info.size()),
                tracks,
                order.encoding(),
                order.momentMs(),
                new Delivery.Kept(made(clip, order), earlier(clip), halves),
                order.format() == null
                        ? null
                        : new Delivery.Sidecar(CaptionFormats.of(order.format()), order.style(), heights));
    }

    /** By what a film is known beside its captions: the clip's bytes, and those of its bars. */
    private static String made(ClipRow clip, WorkOrder.Render order) {
        return clip.mediaHash() + " " + order.track().frame().bars().picture();
    }

    private List<PiecedBurn.Earlier> earlier(ClipRow clip) {
        return jobs.keptFilms(clip.id()).stream()
                .map(film -> new PiecedBurn.Earlier(media.file(film.outputHash()), film.pieces()))
                .filter(film -> Files.exists(film.film()))
                .toList();
    }

    /**
     * An estimate.
     *
     * @param seconds at this workshop's pace; {@code sampled} before that is applied
     */
    public record PacedEstimate(long bytes, double seconds, double sampled) {}

    /** The cached estimate; null if there is none yet. */
    public PacedEstimate cachedEstimate(ClipRow clip, WorkOrder.Render order) {
        return paced(known.get(sample(clip, order)));
    }

    private PacedEstimate paced(Estimate estimate) {
        return estimate == null
                ? null
                : new PacedEstimate(
                        estimate.bytes(), Math.round(10 * jobs.pace() * estimate.seconds()) / 10.0, estimate.seconds());
    }

    private Sample sample(ClipRow clip, WorkOrder.Render order) {
        List<PieceList> kept =
                jobs.keptFilms(clip.id()).stream().map(KeptFilm::pieces).toList();
        return new Sample(clip.mediaHash(), order.atMoment(null), kept);
    }

    /** @return null for outputs whose size depends on what is painted, and where too many ask at once */
    public PacedEstimate estimate(ClipRow clip, WorkOrder.Render order) {
        Sample sample = sample(clip, order);
        // One at a time: concurrent estimates would disturb each other's timing.
        if (!taken()) {
            return null;
        }
        try {
            return paced(known.containsKey(sample) ? known.get(sample) : compute(clip, order, sample));
        } finally {
            computing.unlock();
        }
    }

    /** Times out after 20 s; the caller retries. */
    private boolean taken() {
        try {
            return computing.tryLock(LONGEST_WAIT_S, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private Estimate compute(ClipRow clip, WorkOrder.Render order, Sample sample) {
        Path bars = media.workFile(".png");
        try {
            Estimate now = Estimate.of(of(clip, order, bars, null), order.output());
            known.put(sample, now);
            return now;
        } finally {
            media.discard(bars);
        }
    }

    /** The file with what the bars are cut from; null where the frame wants none. */
}
