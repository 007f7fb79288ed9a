package saltdrum.server.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import saltdrum.core.MayBeMissing;
import saltdrum.core.check.CalmPlacement;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckInput.Translated;
import saltdrum.core.check.CheckKind;
import saltdrum.core.check.Finding;
import saltdrum.core.check.Mending;
import saltdrum.core.check.NeededLook;
import saltdrum.core.check.SceneTrialLayout;
import saltdrum.core.check.SharedRemedy;
import saltdrum.core.check.VoiceOffset;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ApplyRemedies;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleShelf;
import saltdrum.server.store.clip.ClientSettings;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipMeasurements;
import saltdrum.server.store.clip.ClipMeasurementsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.speech.SpellingSuggestions;

/** Finds the problems of a clip's track. Measurements are cached while they are valid. */
@Component
public class FindingsService {
    private final ClipStore clips;
    private final TrackStore tracks;
    private final StyleShelf styles;
    private final SceneMaker scenes;
    private final ClientSettingsStore clientSettings;
    private final TrackSpelling spelling;
    private final ClipMeasurementsStore measures;
    private final MeasuredPictures pictures;
    private final Checker checker = new Checker();

    FindingsService(
            ClipStore clips,
            TrackStore tracks,
            StyleShelf styles,
            SceneMaker scenes,
            ClientSettingsStore clientSettings,
            TrackSpelling spelling,
            ClipMeasurementsStore measures,
            MeasuredPictures pictures) {
        this.clips = clips;
        this.tracks = tracks;
        this.styles = styles;
        this.scenes = scenes;
        this.clientSettings = clientSettings;
        this.spelling = spelling;
        this.measures = measures;
        this.pictures = pictures;
    }

    /**
     * What was found.
     *
     * @param version of the track that was looked at
     * @param picture whether the picture was measured
     * @param voice whether the voice was
     * @param unheard words of the track that were not heard when the voice was measured
     * @param shared one change of the whole track that mends what most cues share; null for none
     * @param lookingUp whether what may have been meant by some unknown words is there only at a later look
     */
    public record Found(
            long version,
            boolean picture,
            boolean voice,
            int unheard,
            boolean lookingUp,
            @MayBeMissing SharedRemedy shared,
            List<Finding> findings) {
        /** The number of open findings. */
        public int open() {
            return NeededLook.of(findings).all();
        }
    }

    /** Looks at the clip's track as it is; what it needs of a person is kept for the list of clips. */
    public Found look(String clipId) {
        Clip clip = new Clip(clipId);
        Looked looked = subject(clip);
        ClipMeasurements measured = looked.measured;
        Track track = looked.stored.track();
        int unheard = measured.onsets() == null
                ? 0
                : (int) track.words().count() - measured.onsets().of(track).size();
        List<Finding> findings = checker.findings(looked.subject);
        tracks.saveNeeded(clipId, looked.stored.version(), NeededLook.of(findings));
        return new Found(
                looked.stored.version(),
                measured.lightHash() != null,
                measured.onsets() != null,
                unheard,
                looked.words.unfinished(),
                shared(clip, findings),
                findings);
    }

    private SharedRemedy shared(Clip clip, List<Finding> findings) {
        Predicate<Finding> open =
                finding -> finding.reason() == null && !finding.kind().askedOneByOne();
        return SharedRemedy.of(
                        clip.stored.track(),
                        findings.stream().filter(open).toList(),
                        track -> checker.findings(clip.subject(track)),
                        open)
                .orElse(null);
    }

    /** What the checks ask of tracks of a clip that are not stored: all that was measured of it is read once. */
    public Function<Track, CheckInput> inputs(String clipId) {
        return new Clip(clipId)::subject;
    }

    /**
     * What mends everything that needs no person's eye or ear.
     *
     * @param version of the track that it is for
     * @param edit null if nothing can be mended
     * @param mended findings that are gone afterwards
     * @param left findings of these kinds that are left
     */
    public record MendingOffer(long version, ApplyRemedies edit, int mended, int left) {}

    /** @param kind of the findings to mend; null for all */
    public MendingOffer mending(String clipId, CheckKind kind) {
        Clip clip = new Clip(clipId);
        Mending mending = Mending.of(
                clip.stored.track(),
                track -> checker.findings(clip.subject(track)),
                finding -> kind == null ? !finding.kind().askedOneByOne() : finding.kind() == kind,
                // What wants an eye or ear was looked at before: nothing else is mended with it.
                kind != null && kind.askedOneByOne() ? 1 : Mending.MOST_ROUNDS);
        return new MendingOffer(
                clip.stored.version(),
                mending.edit(),
                mending.mended(),
                mending.left().size());
    }

    /**
     * How far the words are from the voice.
     *
     * @param fromCue id of the first cue that counts
     */
    public VoiceOffset voiceOffset(String clipId, long fromCue) {
        return VoiceOffset.of(tracks.get(clipId).track(), measures.of(clipId).onsets(), fromCue);
    }

    /**
     * Where the picture is calmest under cues.
     *
     * @param cueIds null for all
     */
    public CalmPlacement.Proposal calm(String clipId, List<Long> cueIds) {
        Looked looked = subject(clipId);
        return CalmPlacement.of(
                looked.subject,
                looked.stored.track().cues().stream()
                        .filter(cue -> cueIds == null || cueIds.contains(cue.id()))
                        .toList());
    }

    private record Looked(
            StoredTrack stored, ClipMeasurements measured, CheckInput subject, SpellingSuggestions.Look words) {}

    private Looked subject(String clipId) {
        return subject(new Clip(clipId));
    }

    private Looked subject(Clip clip) {
        SpellingSuggestions.Look words = spelling.suggestions(clip.stored.track());
        return new Looked(clip.stored, clip.measured, clip.subject(clip.stored.track(), words), words);
    }

    /** What the checks of a clip need beside a track. */
    private final class Clip {
        final ClipRow row;
        final StoredTrack stored;
        final ClientSettings settings;
        final ClipMeasurements measured;
        final List<Translated> translated;

        Clip(String clipId) {
            row = clips.get(clipId);
            stored = tracks.get(clipId);
            settings = clientSettings.of(row);
            measured = measures.of(clipId);
            translated = translations(clipId);
        }

        CheckInput subject(Track track) {
            return subject(track, spelling.suggestions(track));
        }

        CheckInput subject(Track track, SpellingSuggestions.Look words) {
            Size size = row.info().size();
            Style style = styles.of(track);
            Scene scene = scenes.make(track, style, size);
            FrameLayout layout = track.frame().layout(size);
            return new CheckInput.Builder(
                            track,
                            scene,
                            layout,
                            new Cascade(style, track.styling()),
                            new SceneTrialLayout(scenes, styles::of, size))
                    .limits(settings.limits())
                    .unsureBelow(settings.unsureBelow())
                    .onsets(measured.onsets())
                    .light(pictures.light(measured, track.frame(), layout))
                    .spelling(spelling.misspelt(row, track), words::of)
                    .translations(translated)
                    .inPicture(pictures.captionsIn(measured))
                    .captionStreams(row.info().captions().size())
                    .build();
        }
    }

    private List<Translated> translations(String clipId) {
        List<Translated> all = new ArrayList<>();
        for (String language : tracks.translations(clipId)) {
            String named = Locale.forLanguageTag(language).getDisplayLanguage(Locale.ENGLISH);
            all.add(new Translated(named, tracks.shown(clipId, language).track()));
        }
        return all;
    }
}
