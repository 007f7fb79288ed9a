package saltdrum.media.font;

import io.github.humbleui.skija.Font;
import io.github.humbleui.skija.FontHinting;
import io.github.humbleui.skija.FontMetrics;
import io.github.humbleui.skija.FontVariation;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.TextLine;
import io.github.humbleui.skija.Typeface;
import io.github.humbleui.skija.shaper.Shaper;
import io.github.humbleui.types.Rect;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.layout.type.FaceMetrics;
import saltdrum.core.layout.type.ShapedWord;
import saltdrum.core.layout.type.Typesetter;
import saltdrum.core.look.Axis;
import saltdrum.core.look.Face;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.text.Characters;
import saltdrum.core.text.EmojiRule;
import saltdrum.media.emoji.Emoji;
import saltdrum.media.emoji.EmojiText;
import saltdrum.media.emoji.Stickers;
import saltdrum.media.outline.PathText;

/**
 * Shapes with HarfBuzz through Skija at 1000 units an em, without hinting. Safe for many threads, which do not wait for
 * each other: each shapes with a shaper that is its own meanwhile. Answers are cached.
 */
public final class SkijaTypesetter implements Typesetter, FontHeights {
    private static final int MOST_CACHED = 50_000;
    private static final int MOST_FONTS = 400;

    private record Question(String text, Face face, String language) {}

    private static final float SLANT = -0.21f;
    private static final int NOT_BEGUN = -2;
    private static final int PICTURE = -3;
    /** Of an emoji, in thousandths of an em: a little larger than the letters, its middle at that of the capitals. */
    private static final double PICTURE_SIZE = 1060;

    private static final double PICTURE_ROOM = 40;
    private static final double CAP_MIDDLE = 350;

    private final FontShelf shelf;
    private final Stickers stickers;
    private final Map<FontInstance, Font> fonts = new ConcurrentHashMap<>();
    private final Queue<Shaper> shapers = new ConcurrentLinkedQueue<>();
    private final Map<Question, ShapedWord> shaped = new ConcurrentHashMap<>();
    private final Map<Face, FaceMetrics> metrics = new ConcurrentHashMap<>();
    private volatile int answeredEdition;
    private final Map<String, String> outlines = new ConcurrentHashMap<>();

    public SkijaTypesetter(FontShelf shelf) {
        this(shelf, new Stickers());
    }

    public SkijaTypesetter(FontShelf shelf, Stickers stickers) {
        this.shelf = shelf;
        this.stickers = stickers;
    }

    private Font font(FontInstance cut) {
        if (fonts.size() > MOST_FONTS) {
            fonts.clear();
        }
        return fonts.computeIfAbsent(cut, key -> {
            Font font = new Font(typeface(key), 1000);
            font.setHinting(FontHinting.NONE);
            font.setSubpixel(true);
            font.setMetricsLinear(true);
            if (key.slanted()) {
                font.setSkewX(SLANT);
            }
            if (key.width() != 100) {
                font.setScaleX(key.width() / 100f);
            }
            return font;
        });
    }

    private Typeface typeface(FontInstance cut) {
        Typeface typeface = shelf.typeface(cut.typeface());
        return cut.axes().isEmpty()
                ? typeface
                : typeface.makeClone(cut.axes().stream()
                        .map(stand -> new FontVariation(stand.tag(), (float) stand.value()))
                        .toArray(FontVariation[]::new));
    }

    /** The cut of a face in one of the shelf's typefaces: what a variable one has axes for, they do. */
    private FontInstance cut(Face face, int typeface) {
        List<FontAxis> axes = shelf.axes(typeface);
        double width = face.width();
        boolean slanted = face.italic() && !shelf.italic(typeface);
        List<FontInstance.Stand> stands = new ArrayList<>();
        for (FontAxis axis : axes) {
            double value = axis.rest();
            switch (axis.tag()) {
                case FontAxis.WEIGHT -> value = face.weight();
                case FontAxis.WIDTH -> {
                    value = axis.clamped(100 * width);
                    width = 100 * width / value;
                }
                case FontAxis.SLANT -> {
                    value = face.italic() ? axis.least() : axis.rest();
                    slanted &= axis.least() == axis.rest();
                }
                case FontAxis.ITALIC -> {
                    value = face.italic() ? axis.most() : axis.least();
                    slanted = false;
                }
                default -> value = asked(face, axis);
            }
            stands.add(new FontInstance.Stand(axis.tag(), Math.round(10 * axis.clamped(value)) / 10.0));
        }
        return new FontInstance(typeface, slanted, (int) Math.round(100 * width), List.copyOf(stands));
    }

    private static double asked(Face face, FontAxis axis) {
        return face.axes().stream()
                .filter(own -> own.tag().equals(axis.tag()))
                .mapToDouble(Axis::value)
                .findFirst()
                .orElse(axis.rest());
    }

    @Override
    public ShapedWord shape(String text, Face face, String language) {
        refresh();
        // Half a surrogate pair ends the process inside the shaper.
        Question question = new Question(Characters.kept(text), face, language);
        ShapedWord known = shaped.get(question);
        if (known != null) {
            return known;
        }
        // Not within the map, where others would wait for it.
        ShapedWord fresh = shapeWithOne(question);
        ShapedWord first = shaped.putIfAbsent(question, fresh);
        return first == null ? fresh : first;
    }

    /** What was answered holds as long as the fonts are the same, and there is room. */
    private void refresh() {
        int edition = shelf.edition();
        if (shaped.size() > MOST_CACHED || metrics.size() > MOST_CACHED || edition != answeredEdition) {
            shaped.clear();
            metrics.clear();
            answeredEdition = edition;
        }
    }

    private ShapedWord shapeWithOne(Question question) {
        Shaper free = shapers.poll();
        Shaper shaper = free == null ? Shaper.makeShapeDontWrapOrReorder() : free;
        try {
            return shapeNow(question, shaper);
        } finally {
            shapers.add(shaper);
        }
    }

    private ShapedWord shapeNow(Question question, Shaper shaper) {
        int wanted = shelf.indexOf(question.face);
        List<ShapedWord.Glyph> glyphs = new ArrayList<>();
        StringBuilder missing = new StringBuilder();
        List<ShapedWord.Picture> pictures = new ArrayList<>();
        double x = 0;
        Box ink = null;
        for (Run run : runs(question, wanted)) {
            if (run.font == PICTURE) {
                double top = -CAP_MIDDLE - PICTURE_SIZE / 2;
                pictures.add(new ShapedWord.Picture(run.text, x + PICTURE_ROOM, top, PICTURE_SIZE));
                Box box = new Box(x + PICTURE_ROOM, top, PICTURE_SIZE, PICTURE_SIZE);
                ink = ink == null ? box : ink.union(box);
                x += PICTURE_SIZE + 2 * PICTURE_ROOM;
                continue;
            }
            if (run.font < 0) {
                missing.append(run.text);
                continue;
            }
            FontInstance cut = cut(question.face, run.font);
            Font font = font(cut);
            // The shaper would widen a font that is widened twice.
            double wide = cut.width() / 100.0;
            try (TextLine line = shaper.shapeLine(run.text, font(cut.unstretched()))) {
                short[] ids = line.getGlyphs();
                float[] positions = line.getPositions();
                float[] widths = font.getWidths(ids);
                Rect[] bounds = font.getBounds(ids);
                for (int i = 0; i < ids.length; i++) {
                    double gx = x + positions[2 * i] * wide;
                    double gy = positions[2 * i + 1];
                    glyphs.add(new ShapedWord.Glyph(cut.name() + "." + (ids[i] & 0xffff), gx, gy, widths[i]));
                    if (bounds[i].getWidth() > 0 && bounds[i].getHeight() > 0) {
                        Box box = Box.ofEdges(
                                gx + bounds[i].getLeft(),
                                gy + bounds[i].getTop(),
                                gx + bounds[i].getRight(),
                                gy + bounds[i].getBottom());
                        ink = ink == null ? box : ink.union(box);
                    }
                }
                x += line.getWidth() * wide;
            }
        }
        return new ShapedWord(
                List.copyOf(glyphs),
                List.copyOf(pictures),
                x,
                ink == null ? new Box(0, 0, 0, 0) : ink,
                missing.toString());
    }

    private record Run(int font, String text) {}

    /**
     * Runs of text that one face can show (−1 for none), and emoji, each separate with its name. Combining marks and
     * joiners stay with the letter before them.
     */
    private List<Run> runs(Question question, int wanted) {
        List<Run> runs = new ArrayList<>();
        for (EmojiText.Piece piece : EmojiText.pieces(question.text)) {
            if (piece.emoji() != null) {
                runs.add(new Run(PICTURE, piece.emoji()));
            } else {
                runs(piece.text(), question, wanted, runs);
            }
        }
        return runs;
    }

    private void runs(String text, Question question, int wanted, List<Run> runs) {
        StringBuilder open = new StringBuilder();
        int font = NOT_BEGUN;
        for (int i = 0; i < text.length(); ) {
            int c = text.codePointAt(i);
            i += Character.charCount(c);
            int type = Character.getType(c);
            boolean joins =
                    type == Character.NON_SPACING_MARK || type == Character.FORMAT || type == Character.ENCLOSING_MARK;
            int next = joins && font != NOT_BEGUN ? font : serving(c, wanted, question);
            if (next != font && !open.isEmpty()) {
                runs.add(new Run(font, open.toString()));
                open.setLength(0);
            }
            font = next;
            open.appendCodePoint(c);
        }
        if (!open.isEmpty()) {
            runs.add(new Run(font, open.toString()));
        }
    }

    private int serving(int codePoint, int wanted, Question question) {
        return shelf.has(wanted, codePoint) ? wanted : shelf.helping(codePoint, question.face, question.language);
    }

    @Override
    public FaceMetrics metrics(Face face) {
        refresh();
        return metrics.computeIfAbsent(face, this::metricsNow);
    }

    private FaceMetrics metricsNow(Face face) {
        Font font = font(cut(face, shelf.indexOf(face)));
        FontMetrics own = font.getMetrics();
        double space = font.measureTextWidth(" ");
        return new FaceMetrics(own.getCapHeight() > 0 ? own.getCapHeight() : 700, space);
    }

    @Override
    public double cellOf(Face face) {
        return FontFacts.cell(shelf.typeface(shelf.indexOf(face)));
    }

    @Override
    public String drawing(String emoji) {
        if (EmojiRule.sticker(emoji)) {
            return stickers.layers(emoji).isEmpty() ? null : emoji;
        }
        return Emoji.shipped().named(emoji).orElse(null);
    }

    @Override
    public List<PictureLayer> picture(String key) {
        return EmojiRule.sticker(key) ? stickers.layers(key) : Emoji.shipped().layers(key);
    }

    @Override
    public int edition() {
        return shelf.edition();
    }

    @Override
    public String outline(String glyph) {
        return outlines.computeIfAbsent(glyph, this::outlineNow);
    }

    private String outlineNow(String glyph) {
        // The values of axes have dots too.
        int dot = glyph.lastIndexOf('.');
        Font font = font(FontInstance.named(glyph.substring(0, dot)));
        try (Path path = font.getPath((short) Integer.parseInt(glyph.substring(dot + 1)))) {
            return path == null ? "" : PathText.of(path);
        }
    }
}
