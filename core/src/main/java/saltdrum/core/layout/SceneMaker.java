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
import saltdrum.core.scene.CueScene;
import saltdrum.core.scene.InkBounds;
import saltdrum.core.scene.Mark;
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

    private final Map<Question, CueScene> kept = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Question, CueScene> eldest) {
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
        List<CueScene> cues = new ArrayList<>(times.size());
        for (int i = 0; i < times.size(); i++) {
            boolean flowsOn = i + 1 < times.size()
                    && times.get(i + 1).showMs() == times.get(i).hideMs();
            Question question = new Question(look, track.cues().get(i), times.get(i), flowsOn);
            CueScene known = kept.get(question);
            if (known == null) {
                known = cue(question);
                kept.put(question, known);
            }
            cues.add(known);
        }
        return new Scene(design.width(), design.height(), glyphs(cues), cues);
    }

    private CueScene cue(Question question) {
        Style style = question.look.style;
        Cue cue = question.cue;
        LineLayout lines = LineLayout.of(cue, style, question.look.design, question.look.language, typesetter);
        List<Mark> marks = new MarkMaker(style, cue, question.time, question.flowsOn, lines).marks();
        return new CueScene(
                cue.id(), question.time.showMs(), question.time.hideMs(), InkBounds.of(marks), lines.fit(), marks);
    }

    private Map<String, String> glyphs(List<CueScene> cues) {
        Map<String, String> outlines = new TreeMap<>();
        for (CueScene cue : cues) {
            for (Mark mark : cue.marks()) {
                if (mark instanceof Mark.GlyphRun run) {
                    run.glyphs().forEach(g -> outlines.computeIfAbsent(g.glyph(), typesetter::outline));
                }
            }
        }
        return outlines;
    }
}
