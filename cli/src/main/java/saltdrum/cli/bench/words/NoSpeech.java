package saltdrum.cli.bench.words;

import java.util.List;
import java.util.Random;
import saltdrum.core.sound.Sound;

/** Sounds without speech, deterministic. */
final class NoSpeech {
    static final List<String> KINDS =
            List.of("silence", "white noise", "pink noise", "hum", "music", "clicks", "waves", "tone", "whistle");

    private NoSpeech() {}

    static Sound of(String kind, double seconds) {
        int length = (int) (seconds * Sound.RATE);
        Random random = new Random(7);
        double[] music = kind.equals("music") ? Noise.music(length) : null;
        double[] pink = kind.equals("pink noise") || kind.equals("waves") ? Noise.pink(length) : null;
        short[] samples = new short[length];
        for (int i = 0; i < length; i++) {
            double t = i / (double) Sound.RATE;
            double sample =
                    switch (kind) {
                        case "white noise" -> random.nextGaussian() * 2000;
                        case "pink noise" -> pink[i] * 700;
                        case "hum" -> 3000 * Math.sin(2 * Math.PI * 50 * t) + 1500 * Math.sin(2 * Math.PI * 150 * t);
                        case "music" -> music[i] * 2500;
                        case "clicks" -> i % 5600 < 60 ? random.nextGaussian() * 8000 : 0;
                        case "waves" -> pink[i] * 900 * (0.6 + 0.4 * Math.sin(2 * Math.PI * 0.15 * t));
                        case "tone" -> 4000 * Math.sin(2 * Math.PI * 440 * t);
                        case "whistle" ->
                            4000 * Math.sin(2 * Math.PI * (900 * t + 60 * Math.sin(2 * Math.PI * 1.5 * t)));
                        default -> 0;
                    };
            samples[i] = (short) Math.max(-32_768, Math.min(32_767, sample));
        }
        return Sound.of(samples);
    }
}
