package saltdrum.server.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import saltdrum.core.LruMap;
import saltdrum.core.check.CalmPlacement;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.CheckInput.Translated;
import saltdrum.core.check.Finding;
import saltdrum.core.check.PictureText;
import saltdrum.core.check.SceneTrialLayout;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleShelf;
import saltdrum.media.clip.PictureLight;
import saltdrum.media.paint.BarsPicture;
import saltdrum.server.store.clip.ClientSettings;
import saltdrum.server.store.clip.ClientSettingsStore;
import saltdrum.server.store.clip.ClipMeasurements;
import saltdrum.server.store.clip.ClipMeasurementsStore;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.clip.GlossaryStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.style.PictureStore;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.speech.Dictionaries;
import saltdrum.server.work.speech.SpellingSuggestions;

/** Finds the problems of a clip's track. Measurements are cached while they are valid. */
@Component
public class FindingsService {
    private static final int MOST_KEPT = 64;
    private static final int BARS_SIDE = 144;

    private final ClipStore clips;
    private final TrackStore tracks;
    private final StyleShelf styles;
    private final SceneMaker scenes;
    private final ClientSettingsStore clientSettings;
    private final GlossaryStore glossary;
    private final Dictionaries dictionaries;
    private final SpellingSuggestions likely;
    private final ClipMeasurementsStore measures;
    private final MediaStore media;
    private final PictureStore pictures;
    private final Checker checker = new Checker();

    private final Map<String, LightSamples> samples = LruMap.of(MOST_KEPT);
    private final Map<String, PictureText> texts = LruMap.of(MOST_KEPT);
    private final Map<Object, FramedLight> framed = LruMap.of(MOST_KEPT);

    FindingsService(
            ClipStore clips,
            TrackStore tracks,
            StyleShelf styles,
            SceneMaker scenes,
            ClientSettingsStore clientSettings,
            GlossaryStore glossary,
            Dictionaries dictionaries,
            SpellingSuggestions likely,
            ClipMeasurementsStore measures,
            MediaStore media,
            PictureStore pictures) {
        this.clips = clips;
        this.tracks = tracks;
        this.styles = styles;
        this.scenes = scenes;
        this.clientSettings = clientSettings;
        this.glossary = glossary;
        this.dictionaries = dictionaries;
        this.likely = likely;
        this.measures = measures;
        this.media = media;
        this.pictures = pictures;
    }

    /**
     * What was found.
     *
     * @param version of the track that was looked at
     * @param picture whether the picture was measured
     * @param voice whether the voice was
     * @param unheard words of the track that were not heard when the voice was measured
     * @param lookingUp whether what may have been meant by some unknown words is there only at a later look
     */
    public record Found(
            long version, boolean picture, boolean voice, int unheard, boolean lookingUp, List<Finding> findings) {
        /** The number of open findings. */
        public int open() {
            return (int) findings.stream()
                    .filter(finding -> finding.reason() == null)
                    .count();
        }
    }

    public Found look(String clipId) {
        Looked looked = subject(clipId);
        ClipMeasurements measured = looked.measured;
        Track track = looked.stored.track();
        int unheard = measured.onsets() == null
                ? 0
                : (int) track.words().count() - measured.onsets().of(track).size();
        List<Finding> findings = checker.findings(looked.subject);
        return new Found(
                looked.stored.version(),
                measured.lightHash() != null,
                measured.onsets() != null,
                unheard,
                looked.words.unfinished(),
                findings);
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
        ClipRow clip = clips.get(clipId);
        StoredTrack stored = tracks.get(clipId);
        Track track = stored.track();
        Size size = clip.info().size();
        ClientSettings settings = clientSettings.of(clip);
        Style style = styles.of(track);
        ClipMeasurements measured = measures.of(clipId);
        Scene scene = scenes.make(track, style, size);
        FrameLayout layout = track.frame().layout(size, settings.zones());
        SpellingSuggestions.Look words = likely.look(track.language());
        CheckInput subject = new CheckInput.Builder(
                        track,
                        scene,
                        layout,
                        new Cascade(style, track.styling()),
                        new SceneTrialLayout(scenes, styles::of, size))
                .limits(settings.limits())
                .unsureBelow(settings.unsureBelow())
                .onsets(measured.onsets())
                .light(light(measured, track.frame(), layout))
                .spelling(misspelt(clip, track), words::of)
                .translations(translations(clipId))
                .inPicture(inPicture(measured))
                .captionStreams(clip.info().captions().size())
                .build();
        return new Looked(stored, measured, subject, words);
    }

    /** The finished picture under the captions; null where it was not measured. */
    FramedLight light(ClipMeasurements measured, Frame frame, FrameLayout layout) {
        if (measured.lightHash() == null) {
            return null;
        }
        record Key(String hash, Frame frame, FrameLayout layout) {}
        return known(framed, new Key(measured.lightHash(), frame, layout), () -> {
            LightSamples clip = samples(measured.lightHash());
            return new FramedLight(clip, bars(frame, layout), frame, layout);
        });
    }

    private PictureText inPicture(ClipMeasurements measured) {
        return measured.lightHash() == null
                ? null
                : known(texts, measured.lightHash(), () -> PictureText.of(samples(measured.lightHash())));
    }

    private LightSamples samples(String hash) {
        return known(samples, hash, () -> PictureLight.open(media.file(hash)));
    }

    private LightSamples bars(Frame frame, FrameLayout layout) {
        if (frame.bars().kind() != Bars.Kind.PICTURE || frame.bars().picture() == null) {
            return null;
        }
        double scale = (double) BARS_SIDE
                / Math.min(layout.output().width(), layout.output().height());
        Size small = new Size((int) Math.round(layout.output().width() * scale), (int)
                Math.round(layout.output().height() * scale));
        return PictureLight.of(
                BarsPicture.png(frame, small, pictures.bytes(frame.bars().picture())));
    }

    private static <K, V> V known(Map<K, V> all, K key, Supplier<V> make) {
        V known = all.get(key);
        if (known == null) {
            known = make.get();
            all.put(key, known);
        }
        return known;
    }

    private Set<Long> misspelt(ClipRow clip, Track track) {
        return dictionaries.misspelt(track, glossary.termsFor(clip.clientId())).orElse(Set.of());
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
