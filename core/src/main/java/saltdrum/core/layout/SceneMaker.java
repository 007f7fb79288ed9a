package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import saltdrum.core.LruMap;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.LineMeasure;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.type.Outlines;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Styling;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.text.Hyphens;

/**
 * Makes the scene of a whole track. The same track, style, size and fonts give the same scene. The part of a cue is
 * cached: it is the same object as long as nothing of the cue changes. Safe for many threads.
 */
public final class SceneMaker {
    private static final int MOST_FITS = 16_000;
    /** Some 4,000 cues of two lines: two clips of half an hour each. */
    private static final long MOST_BYTES = 32L << 20;

    private static final int MOST_SETTINGS = 64;
    /** So many of the cues need not fit at the size of all. */
    private static final double EXCEPTIONS = 0.05;
    /** The size of all is this at least. */
    private static final double LEAST_SIZE = 0.8;
    /** The size of all goes by steps of a percent: a letter typed in one cue would change the picture of all cues. */
    private static final double SIZE_STEPS = 100;
    /** Over the captions. */
    private static final int HEADLINES = 1;

    private final Typesetter typesetter;
    private final Hyphens hyphens;
    private final Outlines outlines;

    /** Interned settings, so that comparing them during a cue lookup is fast. */
    private final Map<Setting, LineLayout.Setting> settings = LruMap.of(MOST_SETTINGS);

    /**
     * All that a cue's picture depends on.
     *
     * @param mostFit how far every cue of the track is shrunk at least
     */
    private record Question(LineLayout.Setting setting, Cue cue, CueTime time, boolean flowsOn, double mostFit) {}

    /** @param edition of the typesetter */
    private record Setting(Style style, Styling styling, Size design, SafeZones zones, String language, int edition) {}

    private final ScenePartCache<Question> kept = new ScenePartCache<>(MOST_BYTES);

    /** Cache key for the factor by which a cue alone would be shrunk. */
    private record FitQuestion(LineLayout.Setting setting, Cue cue) {}

    private final Map<FitQuestion, Double> fits = LruMap.of(MOST_FITS);

    /** Without hyphens: no word is divided. */
    public SceneMaker(Typesetter typesetter) {
        this(typesetter, Hyphens.NONE);
    }

    public SceneMaker(Typesetter typesetter, Hyphens hyphens) {
        this.typesetter = typesetter;
        this.hyphens = hyphens;
        this.outlines = new Outlines(typesetter);
    }

    /** @param clip size of the clip's upright picture in pixels */
    public Scene make(Track track, Style style, Size clip) {
        LineLayout.Setting setting = settings.computeIfAbsent(asked(track, style, clip), this::lines);
        double mostFit = mostFit(track, setting, cue -> knownFit(setting, cue));
        return scene(track, clip, setting, mostFit, Range.ALL, question -> kept.get(question, this::part));
    }

    private double knownFit(LineLayout.Setting setting, Cue cue) {
        return known(fits, new FitQuestion(setting, cue), this::fit);
    }

    /** Computed outside the map, where others would wait for it. */
    private static <K, V> V known(Map<K, V> values, K key, Function<K, V> computed) {
        V value = values.get(key);
        if (value == null) {
            value = computed.apply(key);
            values.put(key, value);
        }
        return value;
    }

    private Double fit(FitQuestion question) {
        return LineLayout.fit(question.cue, question.setting);
    }

    /**
     * Only the cues that show between two times, made in a style that need not be kept: for a look that is being tried.
     *
     * @param fromMs up to {@code toMs}, clip time
     */
    public Scene attempt(Track track, Style style, Size clip, int fromMs, int toMs) {
        Setting asked = asked(track, style, clip);
        LineLayout.Setting known = settings.get(asked);
        LineLayout.Setting setting = known == null ? lines(asked) : known;
        // What is tried at one cue changes none of the others, whose sizes are known.
        double mostFit =
                mostFit(track, setting, cue -> known == null ? LineLayout.fit(cue, setting) : knownFit(setting, cue));
        return scene(track, clip, setting, mostFit, new Range(fromMs, toMs), this::part);
    }

    /** Measures lines in the track's look at full size. */
    public LineMeasure measure(Track track, Style style, Size clip) {
        return new LookMeasure(settings.computeIfAbsent(asked(track, style, clip), this::lines));
    }

    private Setting asked(Track track, Style style, Size clip) {
        return new Setting(
                style,
                track.styling(),
                track.frame().output(clip).design(),
                track.frame().covered(),
                track.language(),
                typesetter.edition());
    }

    private Scene scene(
            Track track,
            Size clip,
            LineLayout.Setting setting,
            double mostFit,
            Range range,
            Function<Question, Part> maker) {
        FrameLayout layout = track.frame().layout(clip);
        List<CueTime> times = CueTime.of(track);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < times.size(); i++) {
            if (times.get(i).hideMs() > range.fromMs() && times.get(i).showMs() < range.toMs()) {
                parts.add(maker.apply(
                        new Question(setting, track.cues().get(i), times.get(i), flowsOn(times, i), mostFit)));
            }
        }
        for (Headline headline : track.beside().headlines()) {
            CueTime time = new CueTime(headline.fromMs(), headline.endMs(track.lengthMs()));
            if (time.hideMs() > range.fromMs() && time.showMs() < range.toMs()) {
                Cue cue = HeadlineCue.of(headline, layout, time.hideMs());
                parts.add(
                        maker.apply(new Question(setting, cue, time, false, 1)).atDepth(HEADLINES));
            }
        }
        parts.sort(Comparator.comparingInt(Part::startMs));
        Size design = setting.design();
        return new Scene(design.width(), design.height(), glyphs(parts), pictures(parts), parts);
    }

    /** Where all cues are set alike, the size at which the widest line of the track fits, or nearly all lines do. */
    private static double mostFit(Track track, LineLayout.Setting lines, ToDoubleFunction<Cue> fit) {
        return switch (lines.cascade().ofTrack().get(Facets.FIT)) {
            case ALL -> inSteps(track.cues().stream().mapToDouble(fit).min().orElse(1));
            case ONE ->
                inSteps(oneSize(track.cues().stream().mapToDouble(fit).sorted().toArray()));
            default -> 1;
        };
    }

    /** The step that still fits. */
    private static double inSteps(double fit) {
        double step = Math.floor(fit * SIZE_STEPS) / SIZE_STEPS;
        return step > 0 ? step : fit;
    }

    /** @param fits of all cues, the smallest first */
    private static double oneSize(double[] fits) {
        if (fits.length == 0) {
            return 1;
        }
        // One long word does not make all the others small.
        int exceptions = Math.max(1, (int) (EXCEPTIONS * fits.length));
        return Math.max(LEAST_SIZE, fits[Math.min(exceptions, fits.length - 1)]);
    }

    private LineLayout.Setting lines(Setting setting) {
        return new LineLayout.Setting(
                new Cascade(setting.style, setting.styling),
                setting.design,
                setting.zones,
                setting.language,
                typesetter,
                hyphens);
    }

    private static boolean flowsOn(List<CueTime> times, int i) {
        return i + 1 < times.size() && times.get(i + 1).showMs() == times.get(i).hideMs();
    }

    private Part part(Question question) {
        Cue cue = question.cue;
        LineLayout lines = LineLayout.of(cue, question.setting, question.mostFit);
        List<Mark> marks = new MarkMaker(
                        cue,
                        question.time,
                        question.flowsOn,
                        lines,
                        question.setting.design().width())
                .marks();
        return new Part(
                cue.id(),
                question.time.showMs(),
                question.time.hideMs(),
                0,
                InkBounds.of(marks),
                lines.fit(),
                lines.missing(),
                marks);
    }

    private Map<String, List<PictureLayer>> pictures(List<Part> parts) {
        Map<String, List<PictureLayer>> pictures = new TreeMap<>();
        parts.forEach(part -> pictures(part.marks(), pictures));
        return pictures;
    }

    private void pictures(List<Mark> marks, Map<String, List<PictureLayer>> pictures) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Group group) {
                pictures(group.marks(), pictures);
            } else if (mark instanceof Mark.Picture picture) {
                pictures.computeIfAbsent(picture.picture(), typesetter::picture);
            }
        }
    }

    private Map<String, String> glyphs(List<Part> parts) {
        Map<String, String> paths = new TreeMap<>();
        parts.forEach(part -> glyphs(part.marks(), paths));
        return paths;
    }

    private void glyphs(List<Mark> marks, Map<String, String> paths) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Group group) {
                glyphs(group.marks(), paths);
            } else if (mark instanceof Mark.Glyphs word) {
                word.glyphs().forEach(g -> paths.computeIfAbsent(g.glyph(), outlines::of));
            }
        }
    }
}
