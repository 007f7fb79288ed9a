package saltdrum.core.scene;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.plane.Box;

/** The visible state of a scene at one time. Equal states paint the same picture. */
public record SceneAt(List<Alive> alive) {
    public static final SceneAt NOTHING = new SceneAt(List.of());

    /** @param states one for each of the part's marks */
    public record Alive(Part part, List<MarkState> states) {
        static Alive of(Part part, double t) {
            return new Alive(
                    part,
                    part.marks().stream().map(mark -> MarkState.of(mark, t)).toList());
        }

        boolean looksLike(Alive other) {
            return part == other.part && states.equals(other.states);
        }
    }

    public boolean isEmpty() {
        return alive.isEmpty();
    }

    /** The same part objects and equal states. */
    public boolean looksLike(SceneAt other) {
        if (alive.size() != other.alive.size()) {
            return false;
        }
        for (int i = 0; i < alive.size(); i++) {
            if (!alive.get(i).looksLike(other.alive.get(i))) {
                return false;
            }
        }
        return true;
    }

    /** Where this picture can differ from the other, design pixels; an empty box when they are alike. */
    public Box difference(SceneAt other) {
        Map<Part, Alive> before = new IdentityHashMap<>();
        other.alive.forEach(a -> before.put(a.part, a));
        List<Box> changed = new ArrayList<>();
        for (Alive now : alive) {
            Alive then = before.remove(now.part);
            if (then == null) {
                changed.add(now.part.bounds());
            } else {
                for (int i = 0; i < now.states.size(); i++) {
                    changed(now.part.marks().get(i), now.states.get(i), then.states.get(i), Affine.NONE, changed);
                }
            }
        }
        before.keySet().forEach(gone -> changed.add(gone.bounds()));
        return changed.stream().reduce(Box::union).orElse(Box.EMPTY);
    }

    /** For a group that itself is unchanged, only those of its marks that are not. */
    private static void changed(Mark mark, MarkState now, MarkState then, Affine around, List<Box> changed) {
        if (now.equals(then)) {
            return;
        }
        if (mark instanceof Mark.Group group && now.ownEquals(then) && now.blur() <= 0) {
            Affine way = around.of(Affine.of(group.pose(), now));
            for (int i = 0; i < group.marks().size(); i++) {
                changed(
                        group.marks().get(i),
                        now.children().get(i),
                        then.children().get(i),
                        way,
                        changed);
            }
            return;
        }
        changed.add(InkBounds.at(mark, now, around).union(InkBounds.at(mark, then, around)));
    }
}
