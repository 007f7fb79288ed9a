package saltdrum.core.layout.type;

import java.util.List;
import java.util.Locale;
import saltdrum.core.look.Face;
import saltdrum.core.scene.PictureLayer;

/** Makes SVG 2 drawings for lists of typefaces and emoji. */
public final class TextSample {
    private static final int ABOVE = 1050;
    private static final int HEIGHT = 1400;

    private TextSample() {}

    /** A text in a typeface, in black outlines, as wide as its ink and 1.4 em high. */
    public static String svg(Typesetter typesetter, Face face, String text, String language) {
        ShapedWord shaped = typesetter.shape(text, face, language);
        double left = Math.min(0, shaped.ink().x());
        double width = Math.max(1, Math.max(shaped.advance(), shaped.ink().right()) - left);
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%.0f %d %.0f %d\" width=\"%.0f\" height=\"%d\">",
                left,
                -ABOVE,
                width,
                HEIGHT,
                width / 10,
                HEIGHT / 10));
        for (ShapedWord.Glyph glyph : shaped.glyphs()) {
            String path = typesetter.outline(glyph.key());
            if (!path.isEmpty()) {
                svg.append(String.format(
                        Locale.ROOT,
                        "<path transform=\"translate(%.1f %.1f)\" d=\"%s\"/>",
                        glyph.x(),
                        glyph.y(),
                        path));
            }
        }
        return svg.append("</svg>").toString();
    }

    /** A picture as a drawing (SVG 2), square. */
    public static String picture(List<PictureLayer> layers) {
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 1000 1000\">");
        for (PictureLayer layer : layers) {
            if (!layer.pixels().isEmpty()) {
                svg.append("<image width=\"1000\" height=\"1000\" href=\"data:image/png;base64,")
                        .append(layer.pixels().get(0).png())
                        .append("\"/>");
                continue;
            }
            svg.append(String.format(
                    Locale.ROOT,
                    "<path fill=\"%s\" fill-rule=\"%s\" d=\"%s\"/>",
                    layer.fill(),
                    layer.evenOdd() ? "evenodd" : "nonzero",
                    layer.path()));
        }
        return svg.append("</svg>").toString();
    }
}
