package saltdrum.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.core.check.trial.StyleTrial;
import saltdrum.core.check.trial.StyleTrial.Fault;
import saltdrum.core.check.trial.StyleTrial.Sample;
import saltdrum.core.check.trial.TrialWords;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.PictureLight;
import saltdrum.media.clip.Probe;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** On a clip where nothing was touched, our own styles have nothing that our own checks find. */
class ShippedStylesTest {
    private static final StyleTrial TRIAL = new StyleTrial(new SceneMaker(new SkijaTypesetter(FontShelf.shipped())));
    private static final List<Sample> CLIPS = new ArrayList<>();

    @TempDir
    static Path folder;

    @BeforeAll
    static void measure() throws IOException {
        for (String clip : List.of("three-coats", "tide-pool", "last-ferry")) {
            Path video = BenchClips.demo(clip + ".mp4");
            ClipInfo info = Probe.of(video);
            Path light = folder.resolve(clip + ".light");
            PictureLight.sample(video, info, light, done -> {}, () -> false);
            CLIPS.add(new Sample(
                    "en",
                    WordsFile.read(Files.readString(BenchClips.demo(clip + ".words.json")))
                            .toWords(),
                    (int) info.durationMs(),
                    info.size(),
                    PictureLight.open(light)));
        }
    }

    static Stream<Style> styles() {
        return new ShippedStyles().all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("styles")
    void nothingIsFoundInAnyRecipeAndFrame(Style style) {
        List<String> faults = new ArrayList<>();
        List<Double> fits = new ArrayList<>();
        CLIPS.parallelStream()
                .map(clip -> TRIAL.of(style, emphasised(clip, style)))
                .toList()
                .forEach(result -> {
                    result.faults().stream().map(Fault::said).forEach(faults::add);
                    fits.addAll(result.fits());
                });
        assertThat(faults).isEmpty();
        assertThat(fits.stream().filter(fit -> fit >= 0.9).count())
                .as("95 %% of %d cues are set at 90 %% or more", fits.size())
                .isGreaterThanOrEqualTo((long) Math.ceil(0.95 * fits.size()));
    }

    /** The words of {@code styles check}, which no style was made for. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("styles")
    void nothingOfTheLookIsFoundOnOtherWords(Style style) {
        assertThat(TRIAL.of(style, TrialWords.sample(style.emphasis().size())).faults().stream()
                        .filter(fault -> fault.finding().kind().ofLook())
                        .map(Fault::said))
                .isEmpty();
    }

    private static Sample emphasised(Sample sample, Style style) {
        List<Word> words = new ArrayList<>();
        for (Word word : sample.words()) {
            int number = words.size();
            words.add(
                    number % 6 == 2
                            ? word.withEmphasis(
                                    1 + number / 6 % style.emphasis().size())
                            : word);
        }
        return new Sample(sample.language(), words, sample.lengthMs(), sample.clip(), sample.light());
    }
}
