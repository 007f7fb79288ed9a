package saltdrum.core.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Style;

/**
 * Makes the scene of a whole track. The same track, style, size and fonts give the same scene. What became of a cue is
 * kept, and is the same object again as long as nothing of it changes. Safe for many threads.
 */
public final class SceneMaker {
    private static final int MOST_KEPT = 16_000;

    private final Typesetter typesetter;

    /** All that a cue's picture depends on. */
    private record Question(Look look, Cue cue, CueTime time, boolean flowsOn) {}

    private record Look(Style style, Size design, String language) {}

    private final Map<Question, Part> kept = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Question, Part> eldest) {
            return size() > MOST_KEPT;
        }
    });

    public SceneMaker(Typesetter typesetter) {
        this.typesetter = typesetter;
    }

    /** @param clip size of the clip's upright picture in pixels */
    public Scene make(Track track, Style style, Size clip) {
        Size design = track.frame().output(clip).design();
        Look look = new Look(style, design, track.language());
        List<CueTime> times = CueTime.of(track);
        List<Part> parts = new ArrayList<>(times.size());
        for (int i = 0; i < times.size(); i++) {
            Question question = new Question(look, track.cues().get(i), times.get(i), flowsOn(times, i));
            Part known = kept.get(question);
            if (known == null) {
                known = part(question);
                kept.put(question, known);
            }
            parts.add(known);
        }
        return new Scene(design.width(), design.height(), glyphs(parts), Map.of(), parts);
    }

    /**
     * Only the cues that show between two times, made in a style that need not be kept: for a look that is being tried.
     *
     * @param fromMs up to {@code toMs}, clip time
     */
    public Scene attempt(Track track, Style style, Size clip, int fromMs, int toMs) {
        Size design = track.frame().output(clip).design();
        Look look = new Look(style, design, track.language());
        List<CueTime> times = CueTime.of(track);
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < times.size(); i++) {
            if (times.get(i).hideMs() > fromMs && times.get(i).showMs() < toMs) {
                parts.add(part(new Question(look, track.cues().get(i), times.get(i), flowsOn(times, i))));
            }
        }
        return new Scene(design.width(), design.height(), glyphs(parts), Map.of(), parts);
    }

    private static boolean flowsOn(List<CueTime> times, int i) {
        return i + 1 < times.size() && times.get(i + 1).showMs() == times.get(i).hideMs();
    }

    private Part part(Question question) {
        Style style = question.look.style;
        Cue cue = question.cue;
        LineLayout lines = LineLayout.of(cue, style, question.look.design, question.look.language, typesetter);
        List<Mark> marks = new MarkMaker(style, cue, question.time, question.flowsOn, lines).marks();
        return new Part(
                cue.id(), question.time.showMs(), question.time.hideMs(), 0, InkBounds.of(marks), lines.fit(), marks);
    }

    private Map<String, String> glyphs(List<Part> parts) {
        Map<String, String> outlines = new TreeMap<>();
        parts.forEach(part -> glyphs(part.marks(), outlines));
        return outlines;
    }

    private void glyphs(List<Mark> marks, Map<String, String> outlines) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Group group) {
                glyphs(group.marks(), outlines);
            } else if (mark instanceof Mark.Glyphs word) {
                word.glyphs().forEach(g -> outlines.computeIfAbsent(g.glyph(), typesetter::outline));
            }
        }
    }
}
