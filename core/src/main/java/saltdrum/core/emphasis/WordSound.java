package saltdrum.core.emphasis;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/**
 * The acoustic measurements of a spoken word.
 *
 * @param loudness of its loudest 30 ms, dB against full scale
 * @param pitch of its highest voiced frame, semitones above 1 Hz; NaN where it has no voice
 * @param range from its lowest to its highest, semitones
 * @param pause silence before it, ms
 */
record WordSound(double loudness, double pitch, double range, double pause) {
    private static final int STEP = Sound.RATE / 100;
    private static final int WINDOW = 3 * STEP;
    private static final double SILENCE_DB = -70;

    static List<WordSound> of(List<Word> words, Sound sound) {
        List<WordSound> all = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            Word word = words.get(i);
            double pause =
                    i == 0 ? 0 : Math.max(0, word.startMs() - words.get(i - 1).endMs());
            all.add(of(word, sound, pause));
        }
        return all;
    }

    private static WordSound of(Word word, Sound sound, double pause) {
        int from = Math.max(0, word.startMs());
        int to = Math.min(sound.lengthMs(), Math.max(word.endMs(), from + 60));
        short[] samples = sound.part(from, to).samples();
        double loudest = SILENCE_DB;
        for (int at = 0; at + WINDOW <= samples.length; at += STEP) {
            loudest = Math.max(loudest, level(samples, at));
        }
        List<Double> pitches = new ArrayList<>();
        for (int at = 0; at + Yin.FRAME <= samples.length; at += STEP) {
            // Quiet frames are the ends of sounds, where pitch is found by chance.
            if (level(samples, at) > loudest - 18) {
                double hz = Yin.hz(samples, at);
                if (hz > 0) {
                    pitches.add(12 * Math.log(hz) / Math.log(2));
                }
            }
        }
        pitches.sort(null);
        // Octave errors are few: they are beyond the tenth and ninetieth part.
        double high = pitches.isEmpty() ? Double.NaN : pitches.get(pitches.size() * 9 / 10);
        double low = pitches.isEmpty() ? Double.NaN : pitches.get(pitches.size() / 10);
        return new WordSound(loudest, high, pitches.isEmpty() ? 0 : high - low, pause);
    }

    private static double level(short[] samples, int from) {
        double sum = 0;
        int to = Math.min(samples.length, from + WINDOW);
        for (int i = from; i < to; i++) {
            sum += (double) samples[i] * samples[i];
        }
        double mean = sum / Math.max(1, to - from) / (32_768.0 * 32_768.0);
        return mean <= 0 ? SILENCE_DB : Math.max(SILENCE_DB, 10 * Math.log10(mean));
    }
}
