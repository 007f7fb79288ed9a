package saltdrum.media.font;

import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.Font;
import io.github.humbleui.skija.FontHinting;
import io.github.humbleui.skija.FontMgr;
import io.github.humbleui.skija.FontVariation;
import io.github.humbleui.skija.Path;
import io.github.humbleui.skija.TextLine;
import io.github.humbleui.skija.Typeface;
import io.github.humbleui.skija.shaper.Shaper;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.Json;
import saltdrum.core.SaltDrumException;

/**
 * Exercises a font as the application does: draws each glyph, shapes each character, sets each axis to both extremes.
 * Runs in a separate process ({@link FontCheck}), which a broken font may crash.
 */
final class FontProof {
    private static final int MOST_GLYPHS = 65_536;
    private static final long MOST_POINTS = 8_000_000;
    private static final int PIECE = 100;
    private static final int LAST_CHARACTER = 0xFFFF;

    /** @param facts null where it was refused */
    record Answer(String refused, FontFacts facts) {}

    private long points;

    /** Answers each file with a line of JSON. */
    public static void main(String[] files) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        for (String file : files) {
            out.println(Json.write(answer(file)).replace("\n", " "));
        }
    }

    private static Answer answer(String file) {
        try {
            byte[] bytes = Files.readAllBytes(java.nio.file.Path.of(file));
            return new Answer(null, new FontProof().prove(bytes));
        } catch (BadInputException e) {
            return new Answer(e.getMessage(), null);
        } catch (IOException | SaltDrumException e) {
            return new Answer(FontHead.refused("It could not be read.").getMessage(), null);
        }
    }

    FontFacts prove(byte[] bytes) {
        Typeface typeface = FontMgr.getDefault().makeFromData(Data.makeFromBytes(bytes));
        FontFacts facts = FontFacts.of(typeface);
        drawn(typeface);
        shaped(typeface);
        for (FontAxis axis : facts.axes()) {
            for (double end : new double[] {axis.least(), axis.most()}) {
                drawn(typeface.makeClone(new FontVariation(axis.tag(), (float) end)));
            }
        }
        return facts;
    }

    private static Font font(Typeface typeface) {
        Font font = new Font(typeface, 1000);
        font.setHinting(FontHinting.NONE);
        font.setSubpixel(true);
        return font;
    }

    private void drawn(Typeface typeface) {
        int glyphs = Math.min(MOST_GLYPHS, typeface.getGlyphsCount());
        try (Font font = font(typeface)) {
            int inked = 0;
            for (int i = 0; i < glyphs; i++) {
                try (Path path = font.getPath((short) i)) {
                    if (path != null) {
                        points += path.getPointsCount();
                        inked += path.isEmpty() ? 0 : 1;
                        if (!path.isFinite() && !path.isEmpty()) {
                            throw FontHead.refused("The outline of one of its letters never ends.");
                        }
                    }
                }
                if (points > MOST_POINTS) {
                    throw FontHead.refused("Its letters have more points than any font needs.");
                }
            }
            if (inked == 0) {
                throw FontHead.refused("None of its letters has an outline.");
            }
        }
    }

    private static void shaped(Typeface typeface) {
        List<Integer> characters = new ArrayList<>();
        for (int c = ' '; c <= LAST_CHARACTER; c++) {
            if (!Character.isSurrogate((char) c) && typeface.getUTF32Glyph(c) != 0) {
                characters.add(c);
            }
        }
        if (characters.isEmpty()) {
            throw FontHead.refused("It has no letters that a text could use.");
        }
        try (Font font = font(typeface);
                Shaper shaper = Shaper.makeShapeDontWrapOrReorder()) {
            for (int from = 0; from < characters.size(); from += PIECE) {
                StringBuilder text = new StringBuilder();
                characters
                        .subList(from, Math.min(characters.size(), from + PIECE))
                        .forEach(text::appendCodePoint);
                try (TextLine line = shaper.shapeLine(text.toString(), font)) {
                    if (!Float.isFinite(line.getWidth())) {
                        throw FontHead.refused("One of its letters has no width.");
                    }
                    font.getBounds(line.getGlyphs());
                }
            }
        }
    }
}
