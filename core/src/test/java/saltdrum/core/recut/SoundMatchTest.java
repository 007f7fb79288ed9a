package saltdrum.core.recut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** Made-up voices: hums of changing pitch and loudness with hiss between them, and cuts of them. */
class SoundMatchTest {
    private static final int WORD_MS = 320;
    private static final int EVERY_MS = 450;
    private static final int WORDS = 30;

    private static short[] voice(long seed, int words) {
        Random random = new Random(seed);
        short[] samples = new short[words * EVERY_MS * 16];
        double phase = 0;
        for (int w = 0; w < words; w++) {
            double pitch = 90 + random.nextInt(120);
            double slide = random.nextDouble() - 0.5;
            double loud = 2500 + random.nextInt(5000);
            double hiss = random.nextInt(1800);
            for (int n = 0; n < WORD_MS * 16; n++) {
                double t = n / (WORD_MS * 16.0);
                phase += 2 * Math.PI * pitch * (1 + slide * t) / Sound.RATE;
                double tone = Math.sin(phase) + 0.6 * Math.sin(2 * phase) + 0.3 * Math.sin(5 * phase);
                double shape = Math.sin(Math.PI * t) * (0.6 + 0.4 * Math.sin(9 * t + w));
                samples[w * EVERY_MS * 16 + n] =
                        (short) (loud * tone * shape + (t > 0.6 ? hiss : hiss / 6) * random.nextGaussian() / 2);
            }
        }
        return samples;
    }

    private static List<Word> words(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> Word.of(i + 1, "w" + i, i * EVERY_MS, i * EVERY_MS + WORD_MS, WordSource.ALIGNED))
                .toList();
    }

    /** Words {@code from..to} of a voice, as samples. */
    private static short[] cut(short[] voice, int from, int to) {
        return java.util.Arrays.copyOfRange(voice, from * EVERY_MS * 16, to * EVERY_MS * 16);
    }

    private static Sound sound(short[]... pieces) {
        int length = 0;
        for (short[] piece : pieces) {
            length += piece.length;
        }
        short[] all = new short[length];
        int at = 0;
        for (short[] piece : pieces) {
            System.arraycopy(piece, 0, all, at, piece.length);
            at += piece.length;
        }
        return Sound.of(all);
    }

    /** As another cut is mixed: quieter, with a little noise. */
    private static Sound remixed(Sound sound, double gain, double noise) {
        Random random = new Random(7);
        short[] samples = sound.samples();
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (short) (gain * samples[i] + noise * random.nextGaussian());
        }
        return Sound.of(samples);
    }

    private static List<PlacedWord> placed(Sound before, Sound after, int words) {
        return new SoundMatch(before, after).place(words(words), done -> {}, () -> false);
    }

    private static void assertAt(List<PlacedWord> placed, long word, int ms) {
        PlacedWord found = placed.stream()
                .filter(one -> one.wordId() == word)
                .findFirst()
                .orElseThrow(() -> new AssertionError("word " + word + " was not found"));
        assertThat(found.startMs()).as("word " + word).isBetween(ms - 1, ms + 1);
        assertThat(found.endMs() - found.startMs()).isEqualTo(WORD_MS);
    }

    @Test
    void whatWasLeftOutIsLostAndTheRestMovesUp() {
        short[] voice = voice(1, WORDS);
        Sound after = remixed(sound(cut(voice, 0, 8), cut(voice, 14, 30)), 0.6, 60);
        List<PlacedWord> placed = placed(Sound.of(voice), after, WORDS);
        for (int i = 0; i < 8; i++) {
            assertAt(placed, i + 1, i * EVERY_MS);
        }
        for (int i = 14; i < 30; i++) {
            assertAt(placed, i + 1, (i - 6) * EVERY_MS);
        }
        assertThat(placed).hasSize(24);
    }

    @Test
    void whatWasPutInMovesTheRestOn() {
        short[] voice = voice(2, WORDS);
        short[] other = voice(99, 5);
        List<PlacedWord> placed = placed(Sound.of(voice), sound(cut(voice, 0, 10), other, cut(voice, 10, 30)), WORDS);
        assertThat(placed).hasSize(WORDS);
        assertAt(placed, 10, 9 * EVERY_MS);
        assertAt(placed, 11, 15 * EVERY_MS);
        assertAt(placed, 30, 34 * EVERY_MS);
    }

    @Test
    void whatWasPutElsewhereIsFoundThere() {
        short[] voice = voice(3, WORDS);
        List<PlacedWord> placed = placed(Sound.of(voice), sound(cut(voice, 20, 30), cut(voice, 0, 20)), WORDS);
        assertThat(placed).hasSize(WORDS);
        assertAt(placed, 1, 10 * EVERY_MS);
        assertAt(placed, 21, 0);
        assertAt(placed, 30, 9 * EVERY_MS);
    }

    @Test
    void aCutInTheMiddleOfTheMillisecondsIsFollowed() {
        short[] voice = voice(4, WORDS);
        short[] head = java.util.Arrays.copyOf(voice, 12 * EVERY_MS * 16);
        short[] pause = new short[12_345];
        short[] tail = java.util.Arrays.copyOfRange(voice, 12 * EVERY_MS * 16, voice.length);
        List<PlacedWord> placed = placed(Sound.of(voice), sound(head, pause, tail), WORDS);
        assertAt(placed, 13, 12 * EVERY_MS + Math.round(12_345 / 16f));
        assertThat(placed).hasSize(WORDS);
    }

    @Test
    void otherMusicUnderTheVoiceHidesNoWord() {
        short[] voice = voice(10, WORDS);
        short[] after = cut(voice, 5, 30);
        for (int n = 0; n < after.length; n++) {
            double t = n / (double) Sound.RATE;
            double chord =
                    Math.sin(2 * Math.PI * 220 * t) + Math.sin(2 * Math.PI * 277 * t) + Math.sin(2 * Math.PI * 330 * t);
            after[n] += (short) (300 * chord * (0.6 + 0.4 * Math.sin(4 * Math.PI * t)));
        }
        List<PlacedWord> placed = placed(Sound.of(voice), Sound.of(after), WORDS);
        assertAt(placed, 6, 0);
        assertAt(placed, 30, 24 * EVERY_MS);
        assertThat(placed).hasSizeGreaterThanOrEqualTo(23);
    }

    @Test
    void anotherVoiceIsNotTakenForIt() {
        List<PlacedWord> placed = placed(Sound.of(voice(5, WORDS)), Sound.of(voice(6, WORDS)), WORDS);
        assertThat(placed.size()).isLessThanOrEqualTo(WORDS / 10);
    }

    @Test
    void silenceAndNothingHoldNoWord() {
        short[] voice = voice(8, WORDS);
        assertThat(placed(Sound.of(voice), Sound.of(new short[Sound.RATE * 10]), WORDS))
                .isEmpty();
        assertThat(placed(Sound.of(voice), Sound.NONE, WORDS)).isEmpty();
        assertThat(placed(Sound.NONE, Sound.of(voice), WORDS)).isEmpty();
        assertThat(new SoundMatch(Sound.of(voice), Sound.of(voice)).place(words(WORDS), done -> {}, () -> true))
                .as("stopped at once")
                .isEmpty();
    }

    @Test
    void progressRises() {
        List<Double> told = new ArrayList<>();
        short[] voice = voice(9, 10);
        new SoundMatch(Sound.of(voice), Sound.of(voice)).place(words(10), told::add, () -> false);
        assertThat(told).isSorted().hasSize(20);
        assertThat(told.get(19)).isEqualTo(1);
    }
}
