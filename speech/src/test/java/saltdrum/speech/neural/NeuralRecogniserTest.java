package saltdrum.speech.neural;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.Sounds;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Heard;
import saltdrum.speech.recognise.HeardWord;
import saltdrum.speech.recognise.Recogniser;
import saltdrum.speech.recognise.Term;

/** The shipped model on flite's voice, whose words the synthesiser tells. */
class NeuralRecogniserTest {
    private static final SpeechDesk DESK = new SpeechDesk();
    private static final List<Word> TRUTH = Sounds.truth();

    private static Recogniser.Asked english(String... terms) {
        return new Recogniser.Asked(
                "en",
                "three coats",
                Stream.of(terms).map(t -> new Term(t, null)).toList());
    }

    private static Heard hear(Sound sound, Recogniser.Asked asked) {
        return DESK.recognise(sound, asked, heard -> {}, () -> false);
    }

    /** What is heard of the whole clip, which several tests look at. */
    private static final class Whole {
        static final Heard HEARD = hear(Sounds.spoken(), english());
    }

    private static List<String> plain(List<Word> words) {
        return words.stream().map(word -> Tokens.normalised(word.text())).toList();
    }

    @Test
    void speechIsToldFromToneNoiseAndSilence() {
        assertThat(DESK.hasSpeech(Sounds.spoken())).isTrue();
        assertThat(DESK.hasSpeech(Sound.NONE)).isFalse();
        short[] tone = new short[8 * Sound.RATE];
        assertThat(DESK.hasSpeech(Sound.of(tone))).isFalse();
        for (int i = 0; i < tone.length; i++) {
            tone[i] = (short) (9000 * Math.sin(2 * Math.PI * 440 * i / Sound.RATE));
        }
        assertThat(DESK.hasSpeech(Sound.of(tone))).isFalse();
        Random random = new Random(7);
        for (int i = 0; i < tone.length; i++) {
            tone[i] = (short) (6000 * random.nextGaussian());
        }
        assertThat(DESK.hasSpeech(Sound.of(tone))).isFalse();
    }

    @Test
    void aClearVoiceIsHeardWordForWord() {
        Heard heard = Whole.HEARD;
        List<String> said = new ArrayList<>(plain(TRUTH));
        said.removeAll(plain(heard.plainWords()));
        assertThat(said).as("words of the script that were not heard").hasSizeLessThanOrEqualTo(2);
        assertThat(heard.plainWords()).allMatch(word -> word.source() == WordSource.RECOGNISED);
        assertThat(heard.toMs()).isLessThanOrEqualTo(Sounds.spoken().lengthMs());
    }

    /** Of four paths one ended after seven words of 26, and the rest of what was said was missing. */
    @Test
    void aHardVoiceIsHeardToItsEnd() {
        NeuralRecogniser.Loaded loaded = new NeuralRecogniser(ModelShelf.usual(), null).load("en");
        Sound sound = Sounds.hardVoice();
        try (SpeechModel.Heard heard = loaded.model().hear(sound);
                Decoder.Text text = new Decoder(loaded.vocabulary())
                        .text(heard, new TermTree(List.of(), loaded.vocabulary()), sound.seconds(), () -> false)) {
            assertThat(TextWords.of(text, loaded.vocabulary())).hasSizeGreaterThan(20);
        }
    }

    @Test
    void itsWordsStandWhereTheyAreSaid() {
        List<Integer> errors = new ArrayList<>();
        for (Word heard : Whole.HEARD.plainWords()) {
            TRUTH.stream()
                    .filter(word -> Tokens.normalised(word.text()).equals(Tokens.normalised(heard.text())))
                    .mapToInt(word -> Math.abs(word.startMs() - heard.startMs()))
                    .min()
                    .ifPresent(errors::add);
        }
        errors.sort(null);
        assertThat(errors.get(errors.size() / 2)).isLessThanOrEqualTo(15);
        assertThat(errors.get(errors.size() * 9 / 10)).isLessThanOrEqualTo(60);
    }

    @Test
    void theSameSoundIsHeardTheSameAgain() {
        assertThat(hear(Sounds.spoken(), english())).isEqualTo(Whole.HEARD);
    }

    @Test
    void wordsComeWhileItWorksAndStayGoodWhenStopped() {
        List<Heard> told = new ArrayList<>();
        Sound twice =
                Sound.of(Stream.of(Sounds.spoken().samples(), Sounds.spoken().samples())
                        .reduce((a, b) -> {
                            short[] both = java.util.Arrays.copyOf(a, a.length + b.length);
                            System.arraycopy(b, 0, both, a.length, b.length);
                            return both;
                        })
                        .orElseThrow());
        Heard kept = DESK.recognise(twice, english(), told::add, () -> !told.isEmpty());
        assertThat(told).hasSize(1);
        assertThat(kept).isEqualTo(told.get(0));
        assertThat(kept.words()).isNotEmpty();
        assertThat(kept.toMs()).isLessThan(twice.lengthMs() / 2);
    }

    @Test
    void whereNobodySpeaksNothingIsHeard() {
        for (int ms : new int[] {300, 3000}) {
            assertThat(hear(Sounds.silence(ms), english()).words()).isEmpty();
            short[] noise = new short[ms * 16];
            java.util.Random random = new java.util.Random(3);
            for (int i = 0; i < noise.length; i++) {
                noise[i] = (short) (random.nextGaussian() * 1500);
            }
            assertThat(hear(Sound.of(noise), english()).words()).isEmpty();
        }
    }

    /** Voice activity takes a short low tone for a voice; the model then said “You”, at one in forty thousand. */
    @ParameterizedTest
    @ValueSource(ints = {110, 160, 220, 300, 440})
    void aShortToneIsNoWord(int hertz) {
        for (int ms : new int[] {150, 300, 700}) {
            short[] tone = new short[ms * Sound.RATE / 1000];
            for (int i = 0; i < tone.length; i++) {
                tone[i] = (short) (9000 * Math.sin(2 * Math.PI * hertz * i / Sound.RATE));
            }
            assertThat(hear(Sound.of(tone), english()).words()).isEmpty();
        }
    }

    @Test
    void unsureWordsComeWithOtherReadings() {
        List<HeardWord> unsure = Whole.HEARD.words().stream()
                .filter(word -> word.word().confidence() < AlternativeReadings.SURE)
                .toList();
        assertThat(unsure).as("some word of a synthesised voice is not sure").isNotEmpty();
        assertThat(unsure).anyMatch(word -> !word.readings().isEmpty());
        assertThat(unsure).allMatch(word -> word.readings().stream().noneMatch(other -> Tokens.normalised(other)
                .equals(Tokens.normalised(word.word().text()))));
    }

    @Test
    void aModelIsReadWhereverItIsAskedForHoweverSmallTheStack() throws Exception {
        SpeechDesk fresh = new SpeechDesk();
        Thread small = new Thread(null, fresh::warm, "small stack", 256 << 10);
        small.start();
        small.join();
        assertThat(fresh.recognise(Sounds.silence(300), english(), h -> {}, () -> false)
                        .words())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {500, 1500, 2600})
    void aProcessMayEndWhileItLoadsOrListens(int afterMs) throws Exception {
        Process process = new ProcessBuilder(
                        System.getProperty("java.home") + "/bin/java",
                        "-XX:-CreateCoredumpOnCrash",
                        "-XX:ErrorFile=/dev/null",
                        "-D" + ModelShelf.PROPERTY + "=" + System.getProperty(ModelShelf.PROPERTY),
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        ExitWhileListening.class.getName(),
                        Integer.toString(afterMs))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        assertThat(process.waitFor()).isZero();
    }

    @Test
    void anotherModelMakesItsLanguageOneThatIsRecognised() {
        // The smaller English model substitutes for another language's.
        ModelShelf shelf = ModelShelf.of(System.getProperty(ModelShelf.PROPERTY) + ","
                + Path.of(System.getProperty(ModelShelf.PROPERTY)).resolveSibling("models-for-tests"));
        SpeechDesk desk = new SpeechDesk(shelf, null);
        desk.check();
        assertThat(desk.troubles()).isEmpty();
        assertThat(desk.recognises("cy")).isTrue();
        assertThat(desk.measures("cy")).isFalse();
        Heard heard = desk.recognise(Sounds.spoken(), new Recogniser.Asked("cy", "x", List.of()), h -> {}, () -> false);
        assertThat(heard.words()).hasSizeGreaterThan(TRUTH.size() / 2);
        assertThat(desk.offer("cy")).contains("Moonshine tiny").contains("estimated");
    }

    @Test
    void aModelThatIsMissingCutOrChangedIsToldAndNothingElseEnds(@TempDir Path folder) throws IOException {
        Path whole = Path.of(System.getProperty(ModelShelf.PROPERTY));
        assertThat(troubles(folder.resolve("none"))).contains("missing");
        Path cut = copy(whole, folder.resolve("cut"));
        byte[] bytes = Files.readAllBytes(whole.resolve("en/encoder.onnx"));
        Files.write(cut.resolve("en/encoder.onnx"), java.util.Arrays.copyOf(bytes, bytes.length / 2));
        assertThat(troubles(cut)).contains("cut short").contains("encoder.onnx").contains("everything else works");
        bytes[bytes.length / 2] ^= 1;
        Path changed = copy(whole, folder.resolve("changed"));
        Files.write(changed.resolve("en/encoder.onnx"), bytes);
        assertThat(troubles(changed)).contains("is changed").contains("encoder.onnx");
        Path page = changed.resolve("en/model.json");
        String told = Files.readString(page);
        // A link until now.
        Files.delete(page);
        Files.writeString(page, told.replaceAll(",\\s*\"crc32\": \"[0-9a-f]{8}\"", ""));
        assertThat(Files.readString(page)).isNotEqualTo(told).doesNotContain("crc32");
        assertThat(troubles(changed))
                .as("by the slower check alone")
                .contains("is changed")
                .contains("encoder.onnx");
        SpeechDesk desk = new SpeechDesk(new ModelShelf(List.of(changed)), null);
        assertThatThrownBy(() -> desk.recognise(Sounds.spoken(), english(), h -> {}, () -> false))
                .isInstanceOf(SaltDrumException.class)
                .hasMessageContaining("is changed");
        assertThat(desk.recognises("en")).isFalse();
        assertThat(desk.place(
                                Sounds.spoken(),
                                TRUTH.stream().map(Word::text).toList(),
                                "en",
                                Sounds.spoken().lengthMs(),
                                List.of(),
                                done -> {},
                                () -> false)
                        .words())
                .as("scripts are placed as before")
                .hasSameSizeAs(TRUTH);
    }

    private static String troubles(Path folder) {
        ModelShelf shelf = new ModelShelf(List.of(folder));
        shelf.check();
        return String.join(" ", shelf.troubles().values());
    }

    /** Everything but the encoder. */
    private static Path copy(Path whole, Path to) throws IOException {
        for (String file : List.of("en/decoder.onnx", "en/vocabulary.json", "en/model.json", "activity/silero.onnx")) {
            Files.createDirectories(to.resolve(file).getParent());
            Files.createSymbolicLink(to.resolve(file), whole.resolve(file));
        }
        return to;
    }
}
