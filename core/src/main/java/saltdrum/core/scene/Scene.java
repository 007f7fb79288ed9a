package saltdrum.core.scene;

import java.util.List;
import java.util.Map;

/**
 * @param width of the frame in design pixels (the short side is 1080)
 * @param glyphs outline of each glyph as SVG path data, in 1/1000 em, y down, origin on the baseline
 * @param pictures layers of each picture, the undermost first
 * @param parts in the order of their beginnings; they may overlap
 */
public record Scene(
        int width,
        int height,
        Map<String, String> glyphs,
        Map<String, List<PictureLayer>> pictures,
        List<Part> parts) {}
