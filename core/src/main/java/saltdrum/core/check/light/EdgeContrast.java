package saltdrum.core.check.light;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;

/**
 * The contrast of a caption against the picture: the WCAG 2.2 contrast ratio between the edge of a letter and the
 * pixels next to it, which are the decoded picture with shadows and plates painted over it. Outlines have edges too;
 * of the rings around a letter the one with the best contrast counts, because it keeps the letter legible. The worst
 * tenth of the places around a word is left out; the worst word and moment of a cue counts. Contrast is computed from
 * relative luminance.
 */
public final class EdgeContrast {
    /** A caption that comes or goes is faint on purpose, ms. */
    private static final int PASSING_MS = 250;

    /** Words that come and go on their own are looked at so far around a moment, at the time when they are clearest. */
    private static final int[] AROUND_MS = {0, -PASSING_MS / 2, PASSING_MS / 2, -PASSING_MS, PASSING_MS};

    private static final double UNSEEN = 0.35;
    /** By so much a word is clearer at another time. */
    private static final double CLEARER = 0.02;
    /** A shadow is looked at so far beside the letter, design pixels. */
    private static final double BESIDE = 3;

    private static final double LEFT_OUT = 0.1;
    private static final int ACROSS = 14;
    private static final int DOWN = 5;

    private EdgeContrast() {}

    /**
     * The least contrast of a cue.
     *
     * @param ms clip time of it
     * @param ratio 1 to 21
     * @param wordId of the word that has it
     */
    public record Worst(int ms, double ratio, long wordId) {}

    /** @param width, height of the scene, design pixels; null where nothing of the part is seen at any sample */
    public static Worst of(Part part, double width, double height, FramedLight light) {
        Worst worst = null;
        for (int sample : samples(part, light.clip())) {
            int at = Math.max(
                    part.startMs(),
                    Math.min(part.endMs() - 1, sample * light.clip().stepMs()));
            if (part.endMs() - part.startMs() <= 2 * PASSING_MS) {
                at = (part.startMs() + part.endMs()) / 2;
            }
            Moment moment = new Moment(part, at, sample);
            for (WordInk word : moment.clearest.values()) {
                if (word.seen() >= UNSEEN) {
                    double ratio = ratio(moment, word, width, height, light);
                    if (worst == null || ratio < worst.ratio) {
                        worst = new Worst(at, ratio, word.wordId);
                    }
                }
            }
        }
        return worst;
    }

    private static int[] samples(Part part, LightSamples samples) {
        int from = part.startMs() + PASSING_MS;
        int to = part.endMs() - PASSING_MS;
        int first = (from + samples.stepMs() - 1) / samples.stepMs();
        int last = to / samples.stepMs();
        if (to < from || last < first) {
            return new int[] {samples.nearest((part.startMs() + part.endMs()) / 2.0)};
        }
        int end = Math.min(last, samples.count() - 1);
        int[] all = new int[Math.max(0, end - first + 1)];
        Arrays.setAll(all, i -> first + i);
        return all.length == 0 ? new int[] {samples.nearest(from)} : all;
    }

    /** Every word seen at a time, as it is painted when it is clearest around it. */
    private static final class Moment {
        final int sample;
        final Map<Long, WordInk> clearest = new TreeMap<>();
        final Map<WordInk, InkMoment> when = new HashMap<>();

        Moment(Part part, int at, int sample) {
            this.sample = sample;
            for (int around : AROUND_MS) {
                int ms = at + around;
                if (around != 0 && clearest.values().stream().allMatch(word -> word.seen() > 1 - CLEARER)) {
                    return;
                }
                if (around == 0 || ms >= part.startMs() && ms < part.endMs()) {
                    InkMoment moment = new InkMoment(part, ms);
                    moment.words().forEach((id, word) -> keep(moment, word, around == 0));
                }
            }
        }

        private void keep(InkMoment moment, WordInk word, boolean now) {
            WordInk before = clearest.get(word.wordId);
            if (before == null ? now : word.seen() > before.seen() + CLEARER) {
                clearest.put(word.wordId, word);
                when.put(word, moment);
            }
        }
    }

    private static double ratio(Moment moment, WordInk word, double width, double height, FramedLight light) {
        Affine way = word.way;
        Box box = word.letters();
        double[] ratios = new double[ACROSS * DOWN];
        int n = 0;
        for (int i = 0; i < ACROSS; i++) {
            for (int j = 0; j < DOWN; j++) {
                double x = box.x() + box.width() * (i + 0.5) / ACROSS;
                double y = box.y() + box.height() * (j + 0.5) / DOWN;
                double dx = way.a() * x + way.c() * y + way.e();
                double dy = way.b() * x + way.d() * y + way.f();
                double code = light.at(moment.sample, dx / width, dy / height);
                code = moment.when.get(word).under(word, code, dx, dy);
                ratios[n++] = word.contrast(code);
            }
        }
        Arrays.sort(ratios);
        return ratios[(int) (LEFT_OUT * n)];
    }

    /** Coded lightness of a word's letters, 0 to 255. */
    public static double fill(Mark.Glyphs word, MarkState state) {
        if (state.fill() != null) {
            return LightSamples.code(state.fill());
        }
        return PaintLayer.only(PaintLayer.Fill.class, word.coats())
                .findFirst()
                .map(fill -> LightSamples.code(fill.paint().middle()))
                .orElse(0.0);
    }

    /**
     * The share of a shadow's colour next to a letter, on the side away from the shadow: the profile of a stroke
     * blurred by a Gaussian.
     */
    public static double coverage(PaintLayer.Shadow shadow, double stroke) {
        double away = BESIDE + Math.hypot(shadow.dx(), shadow.dy()) - shadow.grow();
        if (shadow.sigma() <= 0) {
            return away <= 0 ? 1 : 0;
        }
        double wide = stroke + 2 * shadow.grow();
        return normal((away + wide) / shadow.sigma()) - normal(away / shadow.sigma());
    }

    /** Cumulative normal distribution (Abramowitz and Stegun, 26.2.17; off by 7.5e-8 at most). */
    public static double normal(double z) {
        double t = 1 / (1 + 0.2316419 * Math.abs(z));
        double tail = Math.exp(-z * z / 2)
                / Math.sqrt(2 * Math.PI)
                * t
                * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return z >= 0 ? 1 - tail : tail;
    }
}
