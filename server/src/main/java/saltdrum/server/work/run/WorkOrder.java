package saltdrum.server.work.run;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.WritingPolicy;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.stored.StoredForm;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleForms;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.output.OutputKind;
import saltdrum.server.store.job.JobKind;
import tools.jackson.databind.node.ObjectNode;

/** What is to be done, complete enough to be done again after a crash. Each kind has a {@link Work} that does it. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "work")
@JsonSubTypes({
    @JsonSubTypes.Type(value = WorkOrder.Prepare.class, name = "prepare"),
    @JsonSubTypes.Type(value = WorkOrder.PlaceScript.class, name = "placeScript"),
    @JsonSubTypes.Type(value = WorkOrder.Recognise.class, name = "recognise"),
    @JsonSubTypes.Type(value = WorkOrder.MakeDraft.class, name = "draft"),
    @JsonSubTypes.Type(value = WorkOrder.Translate.class, name = "translate"),
    @JsonSubTypes.Type(value = WorkOrder.Listen.class, name = "listen"),
    @JsonSubTypes.Type(value = WorkOrder.Measure.class, name = "measure"),
    @JsonSubTypes.Type(value = WorkOrder.Recut.class, name = "recut"),
    @JsonSubTypes.Type(value = WorkOrder.Render.class, name = "render"),
})
public sealed interface WorkOrder {
    /** A step of a record inside is a step here too: an order that waits holds it as it was. */
    StoredForm<WorkOrder> FORM = StoredForm.of(
            "work order",
            WorkOrder.class,
            order -> inStyle(order, StyleForms::completeEntrances),
            order -> inStyle(order, StyleForms::turnLooksIntoFacets),
            order -> inStyle(order, StyleForms::acceptTransitions));

    private static void inStyle(ObjectNode order, StoredForm.Step step) {
        if (order.path("style") instanceof ObjectNode style) {
            step.upgrade(style);
        }
    }

    /** What it gives. */
    JobKind kind();

    /** Poster, peaks and, where browsers need it, a proxy. */
    record Prepare() implements WorkOrder {
        @Override
        public JobKind kind() {
            return JobKind.PREPARE;
        }
    }

    record PlaceScript(String script, String language, int fromMs, int toMs) implements WorkOrder {
        public PlaceScript(String script, String language, Range range) {
            this(script, language, range.fromMs(), range.toMs());
        }

        public Range range() {
            return new Range(fromMs, toMs);
        }

        @Override
        public JobKind kind() {
            return JobKind.WORDS;
        }
    }

    /** The draft is written by these policies, in their order. */
    record Recognise(String language, int fromMs, int toMs, List<WritingPolicy> policies) implements WorkOrder {
        public Recognise(String language, Range range, List<WritingPolicy> policies) {
            this(language, range.fromMs(), range.toMs(), policies);
        }

        public Range range() {
            return new Range(fromMs, toMs);
        }

        @Override
        public JobKind kind() {
            return JobKind.WORDS;
        }
    }

    /** What a client wants of a new clip: from its words to a film. */
    record MakeDraft(DraftSettings settings) implements WorkOrder {
        @Override
        public JobKind kind() {
            return JobKind.WORDS;
        }
    }

    /** Translates the cues that no person has edited. */
    record Translate(String language, String translator) implements WorkOrder {
        @Override
        public JobKind kind() {
            return JobKind.WORDS;
        }
    }

    /** Another sound was chosen: its loudness is drawn. */
    record Listen() implements WorkOrder {
        @Override
        public JobKind kind() {
            return JobKind.PREPARE;
        }
    }

    /** What checks look at: how light the picture is, and when words are heard. */
    record Measure() implements WorkOrder {
        @Override
        public JobKind kind() {
            return JobKind.MEASURE;
        }
    }

    /** Replaces the clip's footage and transfers its words. */
    record Recut() implements WorkOrder {
        @Override
        public JobKind kind() {
            return JobKind.WORDS;
        }
    }

    /**
     * The track and style as they were when ordered.
     *
     * @param output null for a burned video, as in orders from before there were others
     * @param others tracks of other languages that go into a caption stream; null for none
     * @param rate frames a second; null for the clip's own
     * @param mostBytes that the file may have; null for as many as the rate factor takes
     * @param momentMs of stills; null for the first cue's
     * @param format of a caption file; null for other outputs
     * @param review whether a review link to the film is prepared; null for no
     */
    record Render(
            Track track,
            Style style,
            String preset,
            int crf,
            boolean keepCaptions,
            OutputKind output,
            List<Track> others,
            Double rate,
            Long mostBytes,
            Long momentMs,
            String format,
            Boolean review)
            implements WorkOrder {
        public Render {
            output = output == null ? OutputKind.BURNED : output;
            others = others == null ? List.of() : List.copyOf(others);
        }

        /** @param newMomentMs null for the first cue's */
        public Render atMoment(Long newMomentMs) {
            return new Render(
                    track,
                    style,
                    preset,
                    crf,
                    keepCaptions,
                    output,
                    others,
                    rate,
                    mostBytes,
                    newMomentMs,
                    format,
                    review);
        }

        /** The same film, with a review link to it. */
        public Render withReview() {
            return new Render(
                    track, style, preset, crf, keepCaptions, output, others, rate, mostBytes, momentMs, format, true);
        }

        /** Whether many frames of this clip have to be encoded for it. */
        public boolean encodesFrames(ClipInfo info) {
            return output.encodesFrames(info, track.frame(), encoding());
        }

        public BurnOrder encoding() {
            return new BurnOrder(preset, crf, keepCaptions, rate, mostBytes);
        }

        @Override
        public JobKind kind() {
            return JobKind.RENDER;
        }
    }
}
