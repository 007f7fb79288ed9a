package saltdrum.core.check.light;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;

/** What is painted of a part at one time: its plates, and its words over them. */
final class InkMoment {
    private final List<Under> plates = new ArrayList<>();
    private final Map<Long, WordInk> words = new HashMap<>();

    /** A plate as far as it has been painted. */
    private record Under(Affine back, Box box, double code, double alpha) {
        boolean holds(double x, double y) {
            double px = back.a() * x + back.c() * y + back.e();
            double py = back.b() * x + back.d() * y + back.f();
            return px >= box.x() && px <= box.right() && py >= box.y() && py <= box.bottom();
        }
    }

    InkMoment(Part part, double ms) {
        for (Mark mark : part.marks()) {
            walk(mark, MarkState.of(mark, ms), Affine.NONE, 1);
        }
    }

    /** By their ids. */
    Map<Long, WordInk> words() {
        return words;
    }

    /** @param code lightness of the picture, 0 to 255; the lightness of what is painted over it there */
    double under(WordInk word, double code, double x, double y) {
        double painted = code;
        for (Under plate : plates.subList(0, word.over)) {
            if (plate.holds(x, y)) {
                painted = WordInk.mixed(painted, plate.code, plate.alpha);
            }
        }
        return painted;
    }

    private void walk(Mark mark, MarkState state, Affine around, double opacity) {
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
            Box box = plate.box();
            Box drawn = new Box(box.x(), box.y(), box.width() * Math.min(1, state.extent()), box.height());
            plate(plate.coats(), drawn, state, way, seen);
        } else if (mark instanceof Mark.Glyphs glyphs) {
            if (glyphs.wordId() == 0) {
                plate(glyphs.coats(), glyphs.ink(), state, way, seen);
            } else if (glyphs.glyphs().stream().noneMatch(Mark.PlacedGlyph::swept)) {
                // A letter drawn out is the long shadow of one.
                words.computeIfAbsent(glyphs.wordId(), id -> new WordInk(id, way, plates.size()))
                        .add(glyphs, state, seen);
            }
        }
    }

    /** Torn and pointed plates count as their boxes. */
    private void plate(List<PaintLayer> coats, Box box, MarkState state, Affine way, double seen) {
        PaintLayer.only(PaintLayer.Fill.class, coats).forEach(fill -> {
            String colour = state.fill() != null ? state.fill() : fill.paint().middle();
            plates.add(new Under(way.undone(), box, LightSamples.code(colour), seen * WordInk.alpha(colour)));
        });
    }
}
