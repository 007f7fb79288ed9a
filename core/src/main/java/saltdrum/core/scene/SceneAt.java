package saltdrum.core.scene;

import java.util.List;

/** What is on the screen at one time. Two equal values paint the same picture, so one of them need not be painted. */
public record SceneAt(CueScene cue, List<MarkState> states) {
    public static final SceneAt NOTHING = new SceneAt(null, List.of());

    public static SceneAt of(Scene scene, double t) {
        int low = 0;
        int high = scene.cues().size() - 1;
        while (low <= high) {
            int mid = (low + high) >>> 1;
            CueScene cue = scene.cues().get(mid);
            if (t < cue.startMs()) {
                high = mid - 1;
            } else if (t >= cue.endMs()) {
                low = mid + 1;
            } else {
                return new SceneAt(
                        cue,
                        cue.marks().stream().map(mark -> MarkState.of(mark, t)).toList());
            }
        }
        return NOTHING;
    }

    /** The same cue object and equal states. */
    public boolean looksLike(SceneAt other) {
        return cue == other.cue && states.equals(other.states);
    }
}
