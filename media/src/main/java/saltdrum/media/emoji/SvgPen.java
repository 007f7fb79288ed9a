package saltdrum.media.emoji;

import io.github.humbleui.skija.Matrix33;

/** The paint properties of an SVG element: inherited from its parent unless it sets them itself. */
record SvgPen(
        Matrix33 way,
        String fill,
        boolean evenOdd,
        double opacity,
        double fillOpacity,
        String stroke,
        double strokeWidth,
        double strokeOpacity,
        boolean round) {
    static final SvgPen FIRST = new SvgPen(Matrix33.IDENTITY, "#000000", false, 1, 1, "none", 1, 1, false);

    SvgPen moved(Matrix33 by) {
        return new SvgPen(
                way.makeConcat(by), fill, evenOdd, opacity, fillOpacity, stroke, strokeWidth, strokeOpacity, round);
    }

    SvgPen with(SvgStyle style) {
        return new SvgPen(
                way,
                style.text("fill", fill),
                style.text("fill-rule", evenOdd ? "evenodd" : "nonzero").equals("evenodd"),
                style.hidden() ? 0 : opacity * style.number("opacity", 1),
                style.number("fill-opacity", fillOpacity),
                style.text("stroke", stroke),
                style.number("stroke-width", strokeWidth),
                style.number("stroke-opacity", strokeOpacity),
                style.text("stroke-linejoin", style.text("stroke-linecap", round ? "round" : "miter"))
                        .equals("round"));
    }
}
