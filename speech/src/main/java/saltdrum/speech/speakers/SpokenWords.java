package saltdrum.speech.speakers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import saltdrum.core.sound.Sound;
import saltdrum.core.word.Word;

/** The frames of each word that tell its voice: loud, and with a pitch. */
final class SpokenWords {
    /** Fewer frames with a pitch in the whole clip, and all frames of words count. */
    private static final int FEWEST = 50;

    /** Below the loudest, in units of the loudness coefficient. */
    private static final double QUIET = 14;

    private static final double LOUDEST = 0.95;

    /** What an octave counts beside the cepstra. */
    private static final double OCTAVE = 4;

    static final int VALUES = VoiceFrames.CEPSTRA + 1;

    final List<Word> words;

    /** Of each word. */
    final List<List<double[]>> frames = new ArrayList<>();

    final VoiceModel all = new VoiceModel(VALUES);

    SpokenWords(Sound sound, List<Word> words) {
        this.words = words;
        int count = VoiceFrames.count(sound);
        boolean[] wanted = new boolean[count];
        words.forEach(word -> Arrays.fill(wanted, from(word, count), to(word, count), true));
        VoiceFrames voice = VoiceFrames.of(sound, wanted);
        double limit = loudest(voice, wanted) - QUIET;
        List<int[]> chosen = chosen(voice, count, limit);
        if (chosen.stream().mapToInt(one -> one.length).sum() < FEWEST) {
            chosen = chosen(voice, count, Double.NEGATIVE_INFINITY);
        }
        double[] mean = mean(voice, chosen);
        double middle = medianPitch(voice, chosen);
        for (int[] one : chosen) {
            List<double[]> values = new ArrayList<>();
            for (int f : one) {
                double[] value = new double[VALUES];
                for (int c = 0; c < VoiceFrames.CEPSTRA; c++) {
                    value[c] = voice.cepstra[f][c] - mean[c];
                }
                value[VALUES - 1] = voice.pitch[f] > 0 ? OCTAVE * (log2(voice.pitch[f]) - middle) : 0;
                values.add(value);
                all.add(value);
            }
            frames.add(values);
        }
    }

    private static int from(Word word, int count) {
        return Math.min(count, word.startMs() / VoiceFrames.FRAME_MS);
    }

    private static int to(Word word, int count) {
        return Math.max(from(word, count), Math.min(count, word.endMs() / VoiceFrames.FRAME_MS));
    }

    private static double log2(double value) {
        return Math.log(value) / Math.log(2);
    }

    private static double loudest(VoiceFrames voice, boolean[] wanted) {
        List<Float> loud = new ArrayList<>();
        for (int f = 0; f < wanted.length; f++) {
            if (wanted[f]) {
                loud.add(voice.loudness[f]);
            }
        }
        loud.sort(null);
        return loud.isEmpty() ? 0 : loud.get((int) (LOUDEST * (loud.size() - 1)));
    }

    /** @param limit of loudness; where there is none, frames without a pitch count too */
    private List<int[]> chosen(VoiceFrames voice, int count, double limit) {
        boolean every = limit == Double.NEGATIVE_INFINITY;
        List<int[]> chosen = new ArrayList<>();
        for (Word word : words) {
            int[] all = IntStream.range(from(word, count), to(word, count))
                    .filter(f -> every || voice.pitch[f] > 0 && voice.loudness[f] > limit)
                    .toArray();
            chosen.add(all);
        }
        return chosen;
    }

    private static double[] mean(VoiceFrames voice, List<int[]> chosen) {
        double[] mean = new double[VoiceFrames.CEPSTRA];
        int count = 0;
        for (int[] one : chosen) {
            for (int f : one) {
                count++;
                for (int c = 0; c < mean.length; c++) {
                    mean[c] += voice.cepstra[f][c];
                }
            }
        }
        for (int c = 0; c < mean.length; c++) {
            mean[c] /= Math.max(1, count);
        }
        return mean;
    }

    /** In octaves. */
    private static double medianPitch(VoiceFrames voice, List<int[]> chosen) {
        double[] pitches = chosen.stream()
                .flatMapToInt(Arrays::stream)
                .mapToDouble(f -> voice.pitch[f])
                .filter(hz -> hz > 0)
                .map(SpokenWords::log2)
                .sorted()
                .toArray();
        return pitches.length == 0 ? 0 : pitches[pitches.length / 2];
    }

    VoiceModel model(List<Integer> wordIndexes) {
        VoiceModel model = new VoiceModel(VALUES);
        wordIndexes.forEach(w -> frames.get(w).forEach(model::add));
        return model;
    }

    boolean endsSentence(int word) {
        return words.get(word).text().matches(".*[.!?…。！？]\\p{Pe}*\\p{Pf}*");
    }

    /** Silence before a word, ms. */
    int gapBefore(int word) {
        return words.get(word).startMs() - words.get(word - 1).endMs();
    }
}
