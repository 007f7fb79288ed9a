package saltdrum.speech.estimate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import saltdrum.core.sound.Sound;
import saltdrum.speech.placing.SpeechResult.Silence;

/**
 * Where someone seems to speak: 20 ms energies against a threshold between the quiet and the loud of the clip itself.
 * Weak under music, which is why its words are marked estimated.
 */
final class Activity {
    private static final int FRAME = 320;
    private static final int FRAME_MS = 20;
    private static final int CLOSE_GAP_MS = 180;

    private Activity() {}

    /** Stretches of speech in milliseconds; the whole sound if nothing stands out. */
    static List<Silence> stretches(Sound sound) {
        short[] samples = sound.samples();
        int count = samples.length / FRAME;
        double[] level = new double[count];
        for (int f = 0; f < count; f++) {
            double sum = 0;
            for (int i = 0; i < FRAME; i++) {
                double s = samples[f * FRAME + i];
                sum += s * s;
            }
            level[f] = 10 * Math.log10(sum / FRAME + 1);
        }
        double[] sorted = level.clone();
        Arrays.sort(sorted);
        List<Silence> found = new ArrayList<>();
        if (count > 0) {
            double quiet = sorted[count / 10];
            double loud = sorted[count * 95 / 100];
            double threshold = quiet + 0.35 * (loud - quiet);
            int open = -1;
            for (int f = 0; f <= count; f++) {
                boolean on = f < count && loud - quiet > 6 && level[f] > threshold;
                if (on && open < 0) {
                    open = f;
                } else if (!on && open >= 0) {
                    add(found, open * FRAME_MS, f * FRAME_MS);
                    open = -1;
                }
            }
        }
        found.removeIf(s -> s.endMs() - s.startMs() < 60);
        return found.isEmpty() ? List.of(new Silence(0, Math.max(1, sound.lengthMs()))) : found;
    }

    private static void add(List<Silence> found, int from, int to) {
        if (!found.isEmpty() && from - found.get(found.size() - 1).endMs() < CLOSE_GAP_MS) {
            Silence last = found.remove(found.size() - 1);
            found.add(new Silence(last.startMs(), to));
        } else {
            found.add(new Silence(from, to));
        }
    }
}
