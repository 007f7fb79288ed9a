package saltdrum.speech.align;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.Sounds;
import saltdrum.speech.acoustic.AcousticModel;
import saltdrum.speech.placing.SpeechResult;

class AlignerTest {
    private static final Aligner ALIGNER = new Aligner(new AcousticModel());
    private static final List<Word> TRUTH = WordsFile.read(Json.resource(Sounds.class, "three-coats.words.json"))
            .toWords();

    private static SpeechResult align(List<String> tokens, Sound sound) {
        return ALIGNER.align(sound, tokens, done -> {}, () -> false);
    }

    private static List<String> tokens() {
        return new ArrayList<>(TRUTH.stream().map(Word::text).toList());
    }

    private static double[] errors(List<Word> placed, int shift) {
        double[] errors = new double[TRUTH.size()];
        for (int i = 0; i < errors.length; i++) {
            errors[i] = Math.abs(placed.get(i).startMs() - shift - TRUTH.get(i).startMs());
        }
        java.util.Arrays.sort(errors);
        return errors;
    }

    @Test
    void wordTimesAreThoseTheSynthesiserTells() {
        SpeechResult result = align(tokens(), Sounds.spoken());
        assertThat(result.words()).hasSameSizeAs(TRUTH).allMatch(w -> w.source() == WordSource.ALIGNED);
        double[] errors = errors(result.words(), 0);
        assertThat(errors[errors.length / 2]).isLessThanOrEqualTo(20);
        assertThat(errors[errors.length * 9 / 10]).isLessThanOrEqualTo(60);
    }

    @Test
    void theSameSoundGivesTheSameTimesAgain() {
        assertThat(align(tokens(), Sounds.spoken())).isEqualTo(align(tokens(), Sounds.spoken()));
    }

    @Test
    void silenceBeforeTheVoiceMovesEveryWord() {
        short[] spoken = Sounds.spoken().samples();
        short[] late = new short[spoken.length + 32_000];
        System.arraycopy(spoken, 0, late, 32_000, spoken.length);
        double[] errors = errors(align(tokens(), Sound.of(late)).words(), 2000);
        assertThat(errors[errors.length * 9 / 10]).isLessThanOrEqualTo(60);
    }

    @Test
    void aScriptFarLongerThanTheSoundIsPlacedAsFarAsItIsSaid() {
        List<String> tokens = tokens();
        for (int i = 0; i < 5; i++) {
            tokens.addAll(
                    List.of("lanterns", "swing", "above", "forgotten", "islands", "while", "everybody", "sleeps"));
            tokens.addAll(tokens());
        }
        SpeechResult result = align(tokens, Sounds.spoken());
        assertThat(result.words()).hasSize(tokens.size());
        assertThat(result.words().stream().filter(w -> w.source() == WordSource.NOT_FOUND))
                .hasSizeGreaterThan(tokens.size() - 2 * TRUTH.size());
        assertThat(result.words().stream().filter(w -> w.source() == WordSource.ALIGNED))
                .hasSizeGreaterThan(TRUTH.size() / 2);
    }

    @Test
    void whatIsNotSpokenGetsAPlaceMarkedEstimated() {
        List<String> tokens = tokens();
        tokens.add(3, "—");
        List<Word> words = align(tokens, Sounds.spoken()).words();
        assertThat(words).hasSize(TRUTH.size() + 1);
        assertThat(words.get(3).source()).isEqualTo(WordSource.ESTIMATED);
        assertThat(words.get(3).startMs()).isGreaterThanOrEqualTo(words.get(2).endMs());
    }

    @Test
    void wordsThatAreNotSpokenAreFlaggedAndTheOthersKeepTheirTimes() {
        List<String> tokens = tokens();
        tokens.addAll(15, List.of("lanterns", "seaweed", "wherever"));
        List<Word> words = new ArrayList<>(align(tokens, Sounds.spoken()).words());
        assertThat(words.subList(15, 18)).allMatch(w -> w.source() == WordSource.NOT_FOUND && w.unsure());
        words.subList(15, 18).clear();
        double[] errors = errors(words, 0);
        assertThat(errors[errors.length * 9 / 10]).isLessThanOrEqualTo(60);
        assertThat(words).allMatch(w -> w.source() == WordSource.ALIGNED);
    }

    @Test
    void aShortWordThatIsNotSpokenIsNotSqueezedIn() {
        List<String> tokens = tokens();
        tokens.add(15, "boots");
        List<Word> words = align(tokens, Sounds.spoken()).words();
        assertThat(words.get(15).source()).isEqualTo(WordSource.NOT_FOUND);
        assertThat(words.stream().filter(w -> w.source() == WordSource.NOT_FOUND))
                .hasSize(1);
    }

    @Test
    void speechThatTheScriptLacksIsFlaggedWhereItWasHeard() {
        List<String> tokens = tokens();
        // “or you will be back”
        tokens.subList(3, 8).clear();
        SpeechResult result = align(tokens, Sounds.spoken());
        int from = TRUTH.get(3).startMs();
        int to = TRUTH.get(7).endMs();
        assertThat(result.unscripted()).isNotEmpty().allSatisfy(piece -> {
            assertThat(piece.endMs()).isGreaterThan(from);
            assertThat(piece.startMs()).isLessThan(to);
        });
        assertThat(result.words().get(3).startMs()).isCloseTo(TRUTH.get(8).startMs(), within(60));
        assertThat(align(tokens(), Sounds.spoken()).unscripted()).isEmpty();
    }

    @Test
    void tooManyWordsForTheSoundAreRefusedInOneSentence() {
        List<String> tokens = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            tokens.add("harbour");
        }
        assertThatThrownBy(() -> align(tokens, Sounds.silence(500)))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("40 words");
    }

    @Test
    void silencesLieBetweenTheSentences() {
        assertThat(align(tokens(), Sounds.spoken()).silences())
                .anyMatch(s -> s.startMs() > 3000 && s.startMs() < 3400 && s.endMs() - s.startMs() > 250);
    }
}
