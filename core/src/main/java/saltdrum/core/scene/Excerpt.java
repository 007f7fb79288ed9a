package saltdrum.core.scene;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import saltdrum.core.Json;
import tools.jackson.databind.node.ObjectNode;

/** The visible part of a scene in a time span, with only the outlines and pictures that it needs. */
public final class Excerpt {
    private static final List<String> UNSEEN = List.of("cueId", "wordId");

    private Excerpt() {}

    /** @param fromMs up to {@code toMs}, which does not belong to it */
    public static Scene of(Scene scene, double fromMs, double toMs) {
        List<Part> parts = scene.parts().stream()
                .filter(part -> part.startMs() < toMs && part.endMs() > fromMs)
                .toList();
        Map<String, String> glyphs = new TreeMap<>();
        Map<String, List<PictureLayer>> pictures = new TreeMap<>();
        parts.forEach(part -> part.marks().forEach(mark -> collect(mark, scene, glyphs, pictures)));
        return new Scene(scene.width(), scene.height(), glyphs, pictures, parts);
    }

    private static void collect(
            Mark mark, Scene scene, Map<String, String> glyphs, Map<String, List<PictureLayer>> pictures) {
        if (mark instanceof Mark.Group group) {
            group.marks().forEach(child -> collect(child, scene, glyphs, pictures));
        } else if (mark instanceof Mark.Glyphs letters) {
            letters.glyphs()
                    .forEach(glyph -> glyphs.put(glyph.glyph(), scene.glyphs().get(glyph.glyph())));
        } else if (mark instanceof Mark.Picture picture) {
            pictures.put(picture.picture(), scene.pictures().get(picture.picture()));
        }
    }

    /** Hexadecimal SHA-256 of all that is painted of a scene; equal ones paint equal pictures. */
    public static String digest(Scene excerpt) {
        // Glyphs and pictures are referenced by numbers that are not part of what is painted.
        ObjectNode painted = Json.tree(excerpt);
        for (String number : UNSEEN) {
            painted.findParents(number).forEach(holder -> ((ObjectNode) holder).remove(number));
        }
        try {
            byte[] all = painted.toString().getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(all));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
