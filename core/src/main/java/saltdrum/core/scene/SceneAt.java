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

    /** Where this picture can differ from the other, design pixels; an empty box when they are alike. */
    public Box difference(SceneAt other) {
        Box changed = null;
        if (cue != other.cue) {
            changed = cue == null ? null : cue.bounds();
            if (other.cue != null) {
                changed = changed == null ? other.cue.bounds() : changed.union(other.cue.bounds());
            }
        } else {
            for (int i = 0; i < states.size(); i++) {
                if (!states.get(i).equals(other.states.get(i))) {
                    Mark mark = cue.marks().get(i);
                    Box both = InkBounds.at(mark, states.get(i)).union(InkBounds.at(mark, other.states.get(i)));
                    changed = changed == null ? both : changed.union(both);
                }
            }
        }
        return changed == null ? new Box(0, 0, 0, 0) : changed;
    }
}
