package saltdrum.server.work.order;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.NamePattern;
import saltdrum.core.delivery.NamePattern.Place;
import saltdrum.core.delivery.RenderedContent;
import saltdrum.core.edit.FrameEdit.Restyle;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.text.Quoted;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.output.OutputKind;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.run.WorkOrder;

/** Expands a request into files, one line each, and explains what cannot be made. */
@Component
public class OrderPlanner {
    private static final int MOST_LINES = 500;

    private final ClipStore clips;
    private final TrackStore tracks;
    private final StyleShelf styles;
    private final JobStore jobs;

    OrderPlanner(ClipStore clips, TrackStore tracks, StyleShelf styles, JobStore jobs) {
        this.jobs = jobs;
        this.clips = clips;
        this.tracks = tracks;
        this.styles = styles;
    }

    /**
     * One file.
     *
     * @param language of the translation; empty for the clip's own words
     * @param about in words: style, frame, language, size
     * @param size of its picture; null for what has none
     * @param trackVersion of the clip's own captions that it shows; null for what shows none
     * @param content {@linkplain RenderedContent hash} of these; null for what shows none
     */
    public record Line(
            ClipRow clip,
            String language,
            String fileName,
            String about,
            Size size,
            Long trackVersion,
            String content,
            WorkOrder.Render order) {
        /** The same file, which is no delivery of the captions that it shows. */
        Line asDraft(boolean review) {
            return new Line(clip, language, fileName, about, size, null, null, review ? order.withReview() : order);
        }
    }

    /** @param left requested files that cannot be made, a sentence each */
    public record Plan(List<Line> lines, List<String> left) {}

    public Plan plan(OrderAsked asked) {
        List<String> left = new ArrayList<>();
        BurnOrder encoding = asked.how().encoding();
        // Keyed by what distinguishes two files, so that no file is made twice.
        Map<String, Draft> drafts = new LinkedHashMap<>();
        for (String clipId : asked.clips()) {
            ClipRow clip = clips.get(clipId);
            for (OutputKind kind : asked.outputs()) {
                draft(asked, clip, kind, null, left, drafts);
            }
            for (String format : asked.sidecars()) {
                draft(asked, clip, OutputKind.SIDECAR, CaptionFormats.of(format), left, drafts);
            }
        }
        if (drafts.size() > MOST_LINES) {
            throw new BadInputException("That would be " + drafts.size() + " files; " + MOST_LINES
                    + " are the most in one order. Order fewer clips at once.");
        }
        NamePattern pattern = new NamePattern(asked.pattern() == null ? NamePattern.USUAL : asked.pattern());
        List<Draft> all = List.copyOf(drafts.values());
        List<String> names = new ArrayList<>();
        for (Draft draft : all) {
            Map<Place, String> values = new EnumMap<>(draft.values());
            values.put(Place.NUMBER, Integer.toString(names.size() + 1));
            values.put(Place.DATE, LocalDate.now().toString());
            names.add(pattern.name(values) + "." + draft.ending());
        }
        List<String> apart = NamePattern.apart(names, asked.pattern() == null ? fileNames(asked) : List.of());
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            lines.add(line(asked, all.get(i), apart.get(i), encoding));
        }
        return new Plan(lines, left.stream().distinct().toList());
    }

    /** Names of files of these clips that are there or being made: another render of a clip gets another name. */
    private List<String> fileNames(OrderAsked asked) {
        return asked.clips().stream()
                .flatMap(clipId -> jobs.fileNames(clipId).stream())
                .toList();
    }

    /** A file before it has a name. */
    private record Draft(
            ClipRow clip, String language, OutputKind kind, CaptionFormat format, StoredTrack shown, Track track) {
        Size size() {
            return track.frame().output(clip.info().size());
        }

        String ending() {
            return format == null ? kind.ending : format.endings().get(0);
        }

        String shape() {
            Frame.Aspect aspect = track.frame().aspect();
            return aspect == Frame.Aspect.OWN || aspect == Frame.Aspect.TYPED ? "" : aspect.label;
        }

        Map<Place, String> values() {
            Map<Place, String> values = new EnumMap<>(Place.class);
            values.put(Place.CLIP, clip.name());
            values.put(Place.CLIENT, clip.client() == null ? "" : clip.client());
            values.put(Place.LANGUAGE, language);
            values.put(Place.OUTPUT, kind == OutputKind.BURNED || format != null ? "" : kind.written());
            if (kind.styled()) {
                values.put(Place.STYLE, track.style());
            }
            if (kind.framed()) {
                values.put(Place.FRAME, shape().replace(':', 'x'));
                values.put(Place.SIZE, size().width() + "x" + size().height());
            }
            return values;
        }

        String about() {
            String what = format == null ? kind.label : format.label();
            return String.join(
                    " · ",
                    Stream.of(
                                    what,
                                    kind.styled() ? track.style() : "",
                                    kind.framed() ? shape() : "",
                                    language,
                                    kind.framed() ? size().width() + "×" + size().height() : "")
                            .filter(part -> !part.isEmpty())
                            .toList());
        }
    }

    private void draft(
            OrderAsked asked,
            ClipRow clip,
            OutputKind kind,
            CaptionFormat format,
            List<String> left,
            Map<String, Draft> drafts) {
        if (kind.needsSound() && clip.info().sounds().isEmpty()) {
            left.add(Quoted.of(clip.name()) + " has no sound to write as a file.");
            return;
        }
        List<String> none = List.of("");
        List<String> translations = tracks.translations(clip.id());
        for (String language : kind.spoken() ? asked.languages() : none) {
            if (!language.isEmpty() && !translations.contains(language)) {
                left.add(Quoted.of(clip.name()) + " has no translation into " + Quoted.of(language) + ".");
                continue;
            }
            StoredTrack shown = tracks.shown(clip.id(), language);
            Track track = shown.track();
            if (kind.captions() && track.cues().isEmpty()) {
                left.add(Quoted.of(clip.name()) + " has no words yet, so nothing with captions can be made of it.");
                continue;
            }
            for (String style : kind.styled() ? asked.styles() : none) {
                Track styled = style.isEmpty()
                        ? track
                        : tracks.edited(
                                shown.id(), track, new Restyle(styles.get(style).name()));
                for (String frame : kind.framed() ? asked.frames() : none) {
                    Track framed = tracks.followed(
                            shown.id(), styled, sized(clip, frame, asked.how().shortSide(), styled));
                    Draft draft = new Draft(clip, language, kind, format, shown, framed);
                    drafts.put(clip.id() + draft.about() + draft.ending() + framed.frame(), draft);
                }
            }
        }
    }

    private static Track sized(ClipRow clip, String shape, Integer shortSide, Track track) {
        Frame frame = shape.isEmpty() ? track.frame() : track.frame().shaped(Frame.aspect(shape));
        return track.withFrame(
                shortSide == null ? frame : frame.sized(clip.info().size(), shortSide));
    }

    private Line line(OrderAsked asked, Draft draft, String fileName, BurnOrder encoding) {
        Track track = draft.track;
        String clipId = draft.clip.id();
        List<Track> others = draft.kind.allLanguages()
                ? tracks.translations(clipId).stream()
                        .map(language -> tracks.shown(clipId, language).track())
                        .toList()
                : List.of();
        WorkOrder.Render order = new WorkOrder.Render(
                track,
                styles.of(track),
                encoding.preset(),
                encoding.crf(),
                encoding.keepCaptions(),
                draft.kind,
                others,
                draft.kind.encoded() ? encoding.rate() : null,
                draft.kind.encoded() ? encoding.mostBytes() : null,
                asked.momentMs(),
                draft.format == null ? null : draft.format.name(),
                null);
        boolean own = draft.kind.captions() && draft.language.isEmpty();
        return new Line(
                draft.clip,
                draft.language,
                fileName,
                draft.about(),
                draft.kind.framed() ? draft.size() : null,
                own ? draft.shown.version() : null,
                own ? RenderedContent.hash(draft.shown.track()) : null,
                order);
    }
}
