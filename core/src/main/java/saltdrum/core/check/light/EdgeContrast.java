package saltdrum.core.check.light;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import saltdrum.core.colour.Colours;
import saltdrum.core.colour.Contrast;
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

    private static final double UNSEEN = 0.35;
    /** A thinner ring does not count as an edge. Design pixels. */
    private static final double THINNEST = 1.2;
    /** A shadow is looked at so far beside the letter, design pixels. */
    private static final double BESIDE = 3;
    /** Width of a stroke in parts of the letter's size; common in bold faces. */
    private static final double STROKE = 0.13;

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

    /** A plate as far as it has been painted. */
    private record Under(Affine back, Box box, double code, double alpha) {}

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
            Moment moment = new Moment(width, height, light, sample);
            for (Mark mark : part.marks()) {
                moment.walk(mark, MarkState.of(mark, at), Affine.NONE, 1);
            }
            if (moment.wordId != 0 && (worst == null || moment.ratio < worst.ratio)) {
                worst = new Worst(at, moment.ratio, moment.wordId);
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

    /** One sample: what has been painted so far, and the word with the lowest contrast. */
    private static final class Moment {
        private final double width;
        private final double height;
        private final FramedLight light;
        private final int sample;
        private final List<Under> plates = new ArrayList<>();
        private double ratio = Double.MAX_VALUE;
        private long wordId;

        Moment(double width, double height, FramedLight light, int sample) {
            this.width = width;
            this.height = height;
            this.light = light;
            this.sample = sample;
        }

        void walk(Mark mark, MarkState state, Affine around, double opacity) {
            double seen = opacity * state.opacity();
            if (state.hidden() || seen <= 0) {
                return;
            }
            Affine way = around.of(Affine.of(mark.pose(), state));
            if (mark instanceof Mark.Group group) {
                for (int i = 0; i < group.marks().size(); i++) {
                    walk(group.marks().get(i), state.children().get(i), way, seen);
                }
            } else if (mark instanceof Mark.Plate plate) {
                plate(plate, state, way, seen);
            } else if (mark instanceof Mark.Glyphs word && word.wordId() != 0 && seen >= UNSEEN) {
                word(word, state, way, seen);
            }
        }

        private void plate(Mark.Plate plate, MarkState state, Affine way, double seen) {
            PaintLayer.only(PaintLayer.Fill.class, plate.coats()).forEach(fill -> {
                String colour =
                        state.fill() != null ? state.fill() : fill.paint().middle();
                Box box = plate.box();
                Box drawn = new Box(box.x(), box.y(), box.width() * Math.min(1, state.extent()), box.height());
                plates.add(new Under(way.undone(), drawn, LightSamples.code(colour), seen * alpha(colour)));
            });
        }

        private void word(Mark.Glyphs word, MarkState state, Affine way, double seen) {
            List<Ring> rings = rings(word, state, seen);
            List<PaintLayer.Shadow> shadows =
                    PaintLayer.only(PaintLayer.Shadow.class, word.coats()).toList();
            double widest = widestOutline(word);
            Box box = letters(word);
            double[] ratios = new double[ACROSS * DOWN];
            int n = 0;
            for (int i = 0; i < ACROSS; i++) {
                for (int j = 0; j < DOWN; j++) {
                    double x = box.x() + box.width() * (i + 0.5) / ACROSS;
                    double y = box.y() + box.height() * (j + 0.5) / DOWN;
                    double dx = way.a() * x + way.c() * y + way.e();
                    double dy = way.b() * x + way.d() * y + way.f();
                    double code = light.at(sample, dx / width, dy / height);
                    code = over(code, dx, dy);
                    for (PaintLayer.Shadow shadow : shadows) {
                        double part = coverage(shadow, STROKE * word.size() + 2 * widest);
                        code = mixed(code, LightSamples.code(shadow.colour()), seen * alpha(shadow.colour()) * part);
                    }
                    ratios[n++] = best(code, rings);
                }
            }
            Arrays.sort(ratios);
            double least = ratios[(int) (LEFT_OUT * n)];
            if (least < ratio) {
                ratio = least;
                wordId = word.wordId();
            }
        }

        private double over(double code, double x, double y) {
            double painted = code;
            for (Under plate : plates) {
                double px = plate.back.a() * x + plate.back.c() * y + plate.back.e();
                double py = plate.back.b() * x + plate.back.d() * y + plate.back.f();
                if (px >= plate.box.x() && px <= plate.box.right() && py >= plate.box.y() && py <= plate.box.bottom()) {
                    painted = mixed(painted, plate.code, plate.alpha);
                }
            }
            return painted;
        }
    }

    /** The bare letters of a word: its ink without what its coats add. */
    private static Box letters(Mark.Glyphs word) {
        Box bare = word.ink();
        double top = word.y() - 0.75 * word.size();
        double bottom = word.y() + 0.1 * word.size();
        Box line = Box.ofEdges(bare.x(), top, bare.right(), bottom);
        Box both = bare.intersection(line);
        return both.height() > 1 ? both.grown(widestOutline(word)) : bare;
    }

    private static double widestOutline(Mark.Glyphs word) {
        return PaintLayer.only(PaintLayer.Outline.class, word.coats())
                .mapToDouble(PaintLayer.Outline::width)
                .max()
                .orElse(0);
    }

    /** A ring of one lightness around the letter, the outermost first and the letter itself last. */
    private record Ring(double code, double alpha) {}

    private static List<Ring> rings(Mark.Glyphs word, MarkState state, double seen) {
        List<PaintLayer.Outline> outlines = PaintLayer.only(PaintLayer.Outline.class, word.coats())
                .sorted(Comparator.comparingDouble(PaintLayer.Outline::width).reversed())
                .toList();
        List<Ring> rings = new ArrayList<>();
        for (int i = 0; i < outlines.size(); i++) {
            double inner = i + 1 < outlines.size() ? outlines.get(i + 1).width() : 0;
            if (outlines.get(i).width() - inner >= THINNEST) {
                String colour = outlines.get(i).paint().middle();
                rings.add(new Ring(LightSamples.code(colour), seen * alpha(colour)));
            }
        }
        PaintLayer.only(PaintLayer.Fill.class, word.coats()).forEach(fill -> {
            String colour = state.fill() != null ? state.fill() : fill.paint().middle();
            rings.add(new Ring(LightSamples.code(colour), seen * alpha(colour)));
        });
        return rings;
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

    private static double best(double ground, List<Ring> rings) {
        double outer = ground;
        double best = 1;
        for (Ring ring : rings) {
            double inner = mixed(outer, ring.code, ring.alpha);
            best = Math.max(best, ratio(outer, inner));
            outer = inner;
        }
        return best;
    }

    private static double ratio(double one, double other) {
        return Contrast.ratio(LightSamples.luminance(one), LightSamples.luminance(other));
    }

    private static double mixed(double under, double over, double alpha) {
        return under + (over - under) * Math.min(1, alpha);
    }

    private static double alpha(String colour) {
        return Colours.channels(colour)[3] / 255.0;
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
