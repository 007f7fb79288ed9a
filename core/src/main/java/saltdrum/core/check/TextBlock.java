package saltdrum.core.check;

import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Affine;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.MarkState;
import saltdrum.core.scene.Part;

/**
 * The bounds of the letters of a part at rest, with outlines and without shadows.
 *
 * @param box design pixels; empty if there are no letters
 * @param smallest size of its smallest letters, design pixels; 0 if there are none
 */
public record TextBlock(Box box, double smallest) {
    public static TextBlock of(Part part) {
        TextBlock all = new TextBlock(Box.EMPTY, 0);
        for (Mark mark : part.marks()) {
            all = all.with(mark, Affine.NONE);
        }
        return all;
    }

    private TextBlock with(Mark mark, Affine around) {
        Affine way = around.of(Affine.of(mark.pose(), MarkState.REST));
        if (mark instanceof Mark.Group group) {
            TextBlock all = this;
            for (Mark child : group.marks()) {
                all = all.with(child, way);
            }
            return all;
        }
        if (!(mark instanceof Mark.Glyphs word) || word.wordId() == 0) {
            return this;
        }
        Box ink = bare(word);
        Box stands = way.of(ink);
        double size = word.size() * way.scale();
        return smallest == 0 ? new TextBlock(stands, size) : new TextBlock(box.union(stands), Math.min(smallest, size));
    }

    /** Ink without shadows: what their reach adds on each side is taken off again. */
    private static Box bare(Mark.Glyphs word) {
        double left = 0;
        double top = 0;
        double right = 0;
        double bottom = 0;
        double outline = 0;
        for (PaintLayer layer : word.coats()) {
            Box reach = layer.around(Box.EMPTY);
            left = Math.max(left, -reach.x());
            top = Math.max(top, -reach.y());
            right = Math.max(right, reach.right());
            bottom = Math.max(bottom, reach.bottom());
            if (layer instanceof PaintLayer.Outline one) {
                outline = Math.max(outline, one.width());
            }
        }
        return Box.ofEdges(
                        word.ink().x() + left,
                        word.ink().y() + top,
                        word.ink().right() - right,
                        word.ink().bottom() - bottom)
                .grown(outline);
    }
}
