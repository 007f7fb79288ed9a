package saltdrum.core.layout;

import java.util.ArrayList;
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

/** Makes the scene of a whole track. The same track, style, size and fonts give the same scene. */
public final class SceneMaker {
    private final Typesetter typesetter;

    public SceneMaker(Typesetter typesetter) {
        this.typesetter = typesetter;
    }

    /** @param clip size of the clip's upright picture in pixels */
    public Scene make(Track track, Style style, Size clip) {
        Size design = track.frame().output(clip).design();
        List<CueTime> times = CueTime.of(track);
        List<CueScene> cues = new ArrayList<>(times.size());
        for (int i = 0; i < times.size(); i++) {
            boolean flowsOn = i + 1 < times.size()
                    && times.get(i + 1).showMs() == times.get(i).hideMs();
            cues.add(cue(track.cues().get(i), times.get(i), flowsOn, style, design, track.language()));
        }
        return new Scene(design.width(), design.height(), glyphs(cues), cues);
    }

    private CueScene cue(Cue cue, CueTime time, boolean flowsOn, Style style, Size design, String language) {
        LineLayout lines = LineLayout.of(cue, style, design, language, typesetter);
        List<Mark> marks = new MarkMaker(style, cue, time, flowsOn, lines).marks();
        return new CueScene(cue.id(), time.showMs(), time.hideMs(), InkBounds.of(marks), lines.fit(), marks);
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
