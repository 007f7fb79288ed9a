package saltdrum.cli.draft;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.Onsets;
import saltdrum.core.check.SceneTrialLayout;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.LineMeasure;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.spelling.Spelling;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.PictureLight;

/** What the checks ask of one clip in one style: its picture is measured once, its voice when words are given. */
public final class ClipLook implements AutoCloseable {
    private final ClipInfo info;
    private final SceneMaker scenes;
    private final Style style;
    private final Set<String> terms;
    private final Path samples;
    private final LightSamples light;
    private Spelling spelling;
    private Onsets onsets;

    /** @param terms that are spelt right */
    public ClipLook(Path clip, ClipInfo info, SceneMaker scenes, Style style, List<String> terms) throws IOException {
        this.info = info;
        this.scenes = scenes;
        this.style = style;
        this.terms = Spelling.words(terms);
        this.samples = Files.createTempFile("salt-drum", ".light");
        PictureLight.sample(clip, info, samples, done -> {}, () -> false);
        this.light = PictureLight.open(samples);
    }

    /** @param words where they were heard */
    public void heard(List<Word> words) {
        onsets = Onsets.of(words);
    }

    public LineMeasure measure(Track track) {
        return scenes.measure(track, style, info.size());
    }

    public CheckInput of(Track track) {
        FrameLayout layout = track.frame().layout(info.size());
        return new CheckInput.Builder(
                        track,
                        scenes.make(track, style, info.size()),
                        layout,
                        new Cascade(style, track.styling()),
                        new SceneTrialLayout(scenes, any -> style, info.size()))
                .onsets(onsets)
                .light(new FramedLight(light, null, track.frame(), layout))
                .spelling(misspelt(track), word -> List.of())
                .captionStreams(info.captions().size())
                .build();
    }

    /** English only: other dictionaries belong to the machine, not to Salt Drum. */
    private Set<Long> misspelt(Track track) {
        if (!track.language().startsWith("en")) {
            return Set.of();
        }
        if (spelling == null) {
            spelling = Spelling.english();
        }
        return track.words()
                .filter(word -> !spelling.right(word.text(), terms))
                .map(Word::id)
                .collect(Collectors.toSet());
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(samples);
    }
}
