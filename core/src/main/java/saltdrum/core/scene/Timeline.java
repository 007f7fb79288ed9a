package saltdrum.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds the parts of a scene that are visible at a time, in drawing order. */
public final class Timeline {
    private static final Comparator<Part> DRAWN = Comparator.comparingInt(Part::depth);

    private final List<Part> parts;

    /** For each part the latest end of it and of all before it: where none reaches a time, none further back does. */
    private final int[] latestEnd;

    public Timeline(Scene scene) {
        this.parts = scene.parts();
        this.latestEnd = new int[parts.size()];
        int latest = 0;
        for (int i = 0; i < latestEnd.length; i++) {
            latest = Math.max(latest, parts.get(i).endMs());
            latestEnd[i] = latest;
        }
    }

    /** @param t milliseconds of the clip */
    public SceneAt at(double t) {
        int last = firstAfter(t) - 1;
        List<Part> alive = new ArrayList<>(1);
        for (int i = last; i >= 0 && latestEnd[i] > t; i--) {
            if (parts.get(i).endMs() > t) {
                alive.add(0, parts.get(i));
            }
        }
        if (alive.isEmpty()) {
            return SceneAt.NOTHING;
        }
        alive.sort(DRAWN);
        return new SceneAt(alive.stream().map(part -> SceneAt.Alive.of(part, t)).toList());
    }

    /** Index of the first part that begins later than t. */
    private int firstAfter(double t) {
        int low = 0;
        int high = parts.size();
        while (low < high) {
            int mid = (low + high) >>> 1;
            if (parts.get(mid).startMs() > t) {
                high = mid;
            } else {
                low = mid + 1;
            }
        }
        return low;
    }
}
