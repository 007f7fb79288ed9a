package saltdrum.server.work.order;

import java.nio.file.Path;
import org.springframework.stereotype.Component;
import saltdrum.core.cue.Size;
import saltdrum.core.format.CaptionFormats;
import saltdrum.media.burn.ResumableBurn;
import saltdrum.media.output.Delivery;
import saltdrum.media.output.OutputKind;
import saltdrum.media.output.OutputVerifier;
import saltdrum.media.pieces.PiecedBurn;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.review.ReviewStore;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;

/** Makes what was ordered of a clip and its captions, and looks at it. */
@Component
class RenderWork implements Work<WorkOrder.Render> {
    private final RenderProgress.Looking looking = new RenderProgress.Looking();
    /** As long as a link is valid that a person makes without choosing otherwise. */
    private static final int REVIEW_DAYS = 14;

    private final MediaStore media;
    private final Deliveries deliveries;
    private final ReviewStore reviews;

    RenderWork(MediaStore media, Deliveries deliveries, ReviewStore reviews) {
        this.reviews = reviews;
        this.media = media;
        this.deliveries = deliveries;
    }

    @Override
    public Class<WorkOrder.Render> order() {
        return WorkOrder.Render.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Render order, JobContext watch) {
        OutputKind kind = order.output();
        Path out = media.workFile("." + ending(order));
        Path bars = media.workFile(".png");
        Path halves = media.halves(watch.attempt());
        RenderProgress stages = new RenderProgress(megapixels(clip, order), looking);
        try {
            watch.say(kind == OutputKind.BURNED ? "Burning in the captions" : kind.label);
            Delivery delivery = deliveries.of(clip, order, bars, halves);
            PiecedBurn.Made made =
                    delivery.make(kind, out, part -> watch.progress(stages.making(part)), watch::stopped);
            stages.look();
            watch.say("Verifying the file");
            watch.receipt(OutputVerifier.of(delivery, kind, out, made, part -> watch.progress(stages.looking(part))));
            if (kind == OutputKind.BURNED) {
                stages.learn();
            }
            String asked = watch.job().fileName();
            watch.output(JobContext.untilBack(() -> media.keep(out)), asked == null ? name(clip, order) : asked);
            if (Boolean.TRUE.equals(order.review())) {
                watch.write(() -> prepareReview(clip.id(), watch.job().id()));
            }
            if (made != null && made.pieces() != null) {
                watch.pieces(made.pieces());
            }
            ResumableBurn.clear(halves);
        } finally {
            media.discard(out);
            media.discard(bars);
        }
    }

    /** A link that is not sent yet; once for each film. */
    private void prepareReview(String clipId, String jobId) {
        boolean there = reviews.ofClip(clipId).stream().anyMatch(review -> jobId.equals(review.jobId()));
        if (!there) {
            reviews.show(clipId, jobId, null, "", REVIEW_DAYS, null);
        }
    }

    /** Of all frames together. */
    private static double megapixels(ClipRow clip, WorkOrder.Render order) {
        Size size = order.track().frame().output(clip.info().size());
        double frames = clip.info().durationMs() / 1000.0 * clip.info().frameRate();
        return frames * size.width() * size.height() / 1e6;
    }

    /** “Three coats · Mallet.mp4”; what is not styled says what it is instead. */
    private static String name(ClipRow clip, WorkOrder.Render order) {
        OutputKind kind = order.output();
        String style = order.style().name();
        String what =
                kind == OutputKind.BURNED ? style : kind.styled() ? style + " · " + kind.written() : kind.written();
        return clip.name() + " · " + what + "." + ending(order);
    }

    static String ending(WorkOrder.Render order) {
        return order.format() == null
                ? order.output().ending
                : CaptionFormats.of(order.format()).endings().get(0);
    }
}
