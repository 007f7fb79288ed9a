package saltdrum.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import saltdrum.core.SaltDrumException;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.Edit;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.shorter.Omission;
import saltdrum.core.shorter.OmissionFinder;
import saltdrum.core.style.Cascade;

/** The input of checks: a track, its scene and all measurements. Built by {@link Builder}. */
public final class CheckInput {
    public final Track track;
    public final List<CueTime> times;
    public final Scene scene;
    public final FrameLayout layout;
    public final Cascade cascade;
    public final Limits limits;
    public final TrialLayout trial;
    public final double unsureBelow;
    public final Map<Long, Onsets.Heard> heard;
    public final FramedLight light;
    public final Set<Long> misspelt;
    public final Function<String, List<String>> suggestions;
    public final List<Translated> translations;
    public final int captionStreams;
    public final PictureText inPicture;
    private List<Omission> cuts;
    private final Map<Long, Part> parts = new HashMap<>();
    private final Map<Long, TextBlock> blocks = new HashMap<>();

    /**
     * A translation of the track.
     *
     * @param language as a person says it
     * @param track over the cues of the first one; those that have no text in it are missing
     */
    public record Translated(String language, Track track) {}

    private CheckInput(Builder builder) {
        track = builder.track;
        times = CueTime.of(track);
        scene = builder.scene;
        layout = builder.layout;
        cascade = builder.cascade;
        limits = builder.limits;
        trial = builder.trial;
        unsureBelow = builder.unsureBelow;
        heard = builder.onsets == null ? Map.of() : builder.onsets.of(track);
        light = builder.light;
        misspelt = builder.misspelt;
        suggestions = builder.suggestions;
        translations = builder.translations;
        captionStreams = builder.captionStreams;
        inPicture = builder.inPicture;
        scene.parts().forEach(part -> parts.put(part.cueId(), part));
    }

    /** What a reader would not miss. */
    public List<Omission> cuts() {
        if (cuts == null) {
            cuts = OmissionFinder.of(track);
        }
        return cuts;
    }

    public Part part(long cueId) {
        return parts.get(cueId);
    }

    /** The letters of the part at rest, in design pixels. */
    public TextBlock block(Part part) {
        return blocks.computeIfAbsent(part.cueId(), id -> TextBlock.of(part));
    }

    /** Where text is safe, design pixels. */
    public Box safe() {
        Box part = layout.safe();
        return new Box(
                part.x() * scene.width(),
                part.y() * scene.height(),
                part.width() * scene.width(),
                part.height() * scene.height());
    }

    public FindingLocation spot(int index) {
        CueTime time = times.get(index);
        return new FindingLocation(
                track.cues().get(index).id(), 0, (time.showMs() + time.hideMs()) / 2, time.showMs(), time.hideMs());
    }

    /** As {@link #spot(int)}, late enough for all of its words to be there. */
    public FindingLocation whole(int index) {
        FindingLocation spot = spot(index);
        int ms = spot.toMs() - Math.max(1, (spot.toMs() - spot.fromMs()) / 8);
        return new FindingLocation(spot.cueId(), 0, ms, spot.fromMs(), spot.toMs());
    }

    public FindingLocation spot(int index, long wordId) {
        Cue cue = track.cues().get(index);
        int start = cue.words().get(cue.indexOf(wordId)).startMs();
        FindingLocation spot = spot(index);
        return new FindingLocation(spot.cueId(), wordId, start, spot.fromMs(), spot.toMs());
    }

    /** The track after an edit; none where it is refused. */
    public Optional<Track> after(Edit edit) {
        try {
            Track tried = edit.on(track);
            return tried.equals(track) ? Optional.empty() : Optional.of(tried);
        } catch (SaltDrumException e) {
            return Optional.empty();
        }
    }

    /** An edit as a remedy, where it can be made and brings the measure to what is wanted. */
    public Optional<Remedy> tried(String said, Edit edit, ToDoubleFunction<Track> measure, double least, double most) {
        return after(edit).flatMap(tried -> {
            double value = measure.applyAsDouble(tried);
            return value >= least && value <= most
                    ? Optional.of(new Remedy(said, edit, Math.round(value * 100) / 100.0))
                    : Optional.empty();
        });
    }

    /** The remedies that exist among several candidates. */
    @SafeVarargs
    public static List<Remedy> of(Optional<Remedy>... ways) {
        List<Remedy> all = new ArrayList<>();
        for (Optional<Remedy> way : ways) {
            way.ifPresent(all::add);
        }
        return all;
    }

    public static final class Builder {
        private final Track track;
        private final Scene scene;
        private final FrameLayout layout;
        private final Cascade cascade;
        private final TrialLayout trial;
        private Limits limits = Limits.USUAL;
        private double unsureBelow = saltdrum.core.word.Word.UNSURE_BELOW;
        private Onsets onsets;
        private FramedLight light;
        private Set<Long> misspelt = Set.of();
        private Function<String, List<String>> suggestions = word -> List.of();
        private List<Translated> translations = List.of();
        private int captionStreams;
        private PictureText inPicture;

        /** @param layout with the safe areas of the client */
        public Builder(Track track, Scene scene, FrameLayout layout, Cascade cascade, TrialLayout trial) {
            this.track = track;
            this.scene = scene;
            this.layout = layout;
            this.cascade = cascade;
            this.trial = trial;
        }

        public Builder limits(Limits value) {
            limits = value;
            return this;
        }

        public Builder unsureBelow(double value) {
            unsureBelow = value;
            return this;
        }

        /** @param value null where the voice was not measured */
        public Builder onsets(Onsets value) {
            onsets = value;
            return this;
        }

        /** @param value null where the picture was not measured */
        public Builder light(FramedLight value) {
            light = value;
            return this;
        }

        /** @param wordIds of words that no dictionary has @param likely words that may have been meant */
        public Builder spelling(Set<Long> wordIds, Function<String, List<String>> likely) {
            misspelt = wordIds;
            suggestions = likely;
            return this;
        }

        public Builder translations(List<Translated> value) {
            translations = value;
            return this;
        }

        /** @param count of the clip's own caption streams, which a render would keep */
        public Builder captionStreams(int count) {
            captionStreams = count;
            return this;
        }

        /** @param value what was found of captions in the picture; null where it was not measured */
        public Builder inPicture(PictureText value) {
            inPicture = value;
            return this;
        }

        public CheckInput build() {
            return new CheckInput(this);
        }
    }
}
