package saltdrum.speech.estimate;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.speech.placing.SpeechResult;
import saltdrum.speech.placing.SpeechResult.Silence;

/** Places a script in any language by speech activity and syllable weight. Every word is marked estimated. */
public final class Estimator {
    private Estimator() {}

    /** @param sound empty for a clip without sound, whose words then share {@code lengthMs} */
    public static SpeechResult place(Sound sound, List<String> tokens, int lengthMs) {
        List<Silence> speech = sound.isEmpty() ? List.of(new Silence(0, lengthMs)) : Activity.stretches(sound);
        int room = speech.stream().mapToInt(s -> s.endMs() - s.startMs()).sum();
        int[] edges = Syllables.share(tokens, 0, Math.max(room, tokens.size()));
        List<Word> words = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            int start = onClip(speech, edges[i], false);
            int end = Math.max(start + 1, onClip(speech, edges[i + 1], true));
            if (!words.isEmpty()) {
                start = Math.max(start, words.get(words.size() - 1).endMs());
                end = Math.max(end, start + 1);
            }
            words.add(new Word(i + 1L, tokens.get(i), start, end, 0.3, WordSource.ESTIMATED, 0, Pin.FREE));
        }
        return new SpeechResult(words, List.of());
    }

    /** A point in speech time as clip time; at a seam an end stays before the pause and a start comes after it. */
    private static int onClip(List<Silence> speech, int at, boolean end) {
        int passed = 0;
        for (Silence stretch : speech) {
            int length = stretch.endMs() - stretch.startMs();
            if (at < passed + length || end && at == passed + length) {
                return stretch.startMs() + at - passed;
            }
            passed += length;
        }
        return speech.get(speech.size() - 1).endMs() + at - passed;
    }
}
